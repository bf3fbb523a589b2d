<script lang="ts">
	import { BOUNDS, inPercent } from '../../core/vocabulary';
	import Dial from '../../ui/Dial.svelte';
	import Fold from '../../ui/Fold.svelte';
	import Select from '../../ui/Select.svelte';
	import { useVisit } from '../../state/visitContext';
	import { whatIf } from '../../model/visit/lift';
	import { labelIn, PRODUCT_OPTIONS } from '../../wording/words';

	const session = useVisit();
	const plan = $derived(session.plan);
	/** The plan without its second lightener. */
	const alone = $derived.by(() => {
		const rest = { ...plan };
		delete rest.second;
		return rest;
	});
	const NONE = 'none';
	const LIGHTENERS = ['powder', 'cream', 'clay', 'oil'] as const;
	const seconds = $derived([
		{ value: NONE, label: 'none' },
		...LIGHTENERS.filter((value) => value !== plan.product).map((value) => ({
			value,
			label: labelIn(PRODUCT_OPTIONS, value)
		}))
	]);
	const asSecond = (value: string) =>
		session.change('second lightener', ({ lift }) => {
			const product = LIGHTENERS.find((each) => each === value);
			if (product) lift.second = { product, share: lift.second?.share ?? 0.5 };
			else delete lift.second;
		});
</script>

<Fold
	title="Second lightener"
	summary={plan.second
		? `${Math.round(plan.second.share * 100)} % ${labelIn(PRODUCT_OPTIONS, plan.second.product)}`
		: 'none'}
>
	<Select
		label="In the same bowl"
		value={plan.second?.product ?? NONE}
		options={seconds}
		onchange={asSecond}
	/>
	{#if plan.second}
		{@const second = plan.second}
		<Dial
			label="Its share"
			value={Math.round(second.share * 100)}
			{...inPercent(BOUNDS.secondShare)}
			shown="{Math.round(second.share * 100)} %"
			hint="with it: {whatIf(session.head.subject, alone, session.head.zone, { second })}"
			onchange={(v) =>
				session.change('share of the second lightener', ({ lift }) => {
					if (lift.second) lift.second.share = v / 100;
				})}
		/>
	{/if}
</Fold>
