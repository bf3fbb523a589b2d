<script lang="ts">
	import CalibrationChart from '../../charts/calibration/CalibrationChart.svelte';
	import { hexOf } from '../../core/colour';
	import { calibrationOf, type SalonLook } from '../../core/learn';
	import { labOfFibre, pigmentOnPath } from '../../core/lift';
	import Choice from '../../ui/Choice.svelte';
	import { biasWords, insideWords } from '../../wording/learned';

	interface Props {
		looks: readonly SalonLook[];
		nameOf: (head: string) => string;
	}
	let { looks, nameOf }: Props = $props();
	const GROUPS = [
		{ value: 'all', label: 'all heads', of: () => true },
		{ value: 'fine', label: 'fine', of: ({ texture }: SalonLook) => texture === 'fine' },
		{ value: 'medium', label: 'medium', of: ({ texture }: SalonLook) => texture === 'medium' },
		{ value: 'coarse', label: 'coarse', of: ({ texture }: SalonLook) => texture === 'coarse' },
		{ value: 'dark', label: 'dark, to 4', of: ({ naturalLevel }: SalonLook) => naturalLevel <= 4 },
		{
			value: 'new',
			label: 'first time',
			of: ({ taughtBy }: SalonLook) => taughtBy === 0
		},
		{
			value: 'known',
			label: 'known by three visits',
			of: ({ taughtBy }: SalonLook) => taughtBy >= 3
		}
	] as const;
	let group = $state<(typeof GROUPS)[number]['value']>('all');
	const rows = $derived(
		GROUPS.flatMap(({ value, label, of }) => {
			const calibration = calibrationOf(looks.filter(of));
			return calibration ? [{ value, label, calibration }] : [];
		})
	);
	const shown = $derived(rows.find(({ value }) => value === group) ?? rows[0]);
	const marks = $derived(
		looks.filter(GROUPS.find(({ value }) => value === shown?.value)!.of).map((look, i) => ({
			...look,
			key: `${look.visit} ${i}`,
			name: nameOf(look.head),
			colour: colourOf(look)
		}))
	);
	/** The hair that was seen, bare, on its way from where it grows. */
	const colourOf = ({ naturalLevel, seen }: SalonLook) =>
		hexOf(
			labOfFibre({
				...pigmentOnPath(naturalLevel, 'neutral', Math.max(naturalLevel, seen)),
				layers: []
			})
		);
	const first = $derived(rows.find(({ value }) => value === 'new')?.calibration);
	const known = $derived(rows.find(({ value }) => value === 'known')?.calibration);
</script>

<section class="@container border-t border-line pt-4" aria-labelledby="against">
	<h2 id="against" class="text-18">Predicted against seen</h2>
	<div class="grid gap-x-10 gap-y-4 pt-2 @wide:grid-cols-[minmax(0,1fr)_320px]">
		<div class="min-w-0">
			<Choice
				hideLabel
				label="Which heads"
				value={shown?.value ?? 'all'}
				options={rows}
				onchange={(to) => (group = to)}
			/>
			<CalibrationChart {marks} />
		</div>
		{#if shown}
			<div>
				<p class="figure text-40 leading-tight">{Math.round(100 * shown.calibration.inside)} %</p>
				<p>
					of {shown.calibration.looks} looks lay inside the band that was told. Eight in ten is honest:
					fewer, and we were too sure; more, and too careful.
				</p>
				<p class="pt-3">
					{shown.label === 'all heads' ? 'All heads' : shown.label}: predictions were {biasWords(
						shown.calibration
					)}.
				</p>
				{#if first && known}
					<p class="pt-3">
						A head seen for the first time was missed by <b class="figure"
							>{first.error.toFixed(2)}</b
						>
						level, one that had been seen three times by
						<b class="figure">{known.error.toFixed(2)}</b>. Of that the eye alone makes about 0.35.
					</p>
				{/if}
				<dl class="pt-3">
					{#each rows.filter(({ value }) => value !== 'all' && value !== 'new' && value !== 'known') as { value, label, calibration } (value)}
						<div class="flex flex-wrap justify-between gap-x-3 border-b border-line py-1">
							<dt class="font-semibold">{label}</dt>
							<dd class="text-ink-soft">{biasWords(calibration)}; {insideWords(calibration)}</dd>
						</div>
					{/each}
				</dl>
			</div>
		{/if}
	</div>
</section>
