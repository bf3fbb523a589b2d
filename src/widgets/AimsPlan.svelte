<script lang="ts">
	import { formatLevel } from '../core/hair';
	import type { ServicePlan } from '../core/plan';
	import { takeToday } from '../model/commands/takePlan';
	import { useVisit } from '../state/visitContext';
	import TextButton from '../ui/TextButton.svelte';
	import { labelIn, PRODUCT_OPTIONS, whenWords } from '../wording/words';

	interface Props {
		plan: ServicePlan;
	}
	let { plan }: Props = $props();
	const session = useVisit();
	const today = $derived(plan.visits[0]!);
	const words = $derived(
		today.applications
			.map(
				({ product, volume, minutes }) =>
					`${labelIn(PRODUCT_OPTIONS, product === 'alkalineDemi' ? 'permanent' : product)} ${volume} vol ${minutes} min`
			)
			.join(', then ')
	);
	const take = () => session.change('Aim’s plan', (draft) => takeToday(draft, plan));
</script>

<p>
	<b>Aim’s plan:</b>
	{words}, {whenWords(plan.visits.length)}, to {formatLevel(plan.level)}; condition {Math.round(
		session.judging.found?.condition ?? plan.condition
	)}.
	<TextButton onclick={take}>Work it so</TextButton>
</p>
