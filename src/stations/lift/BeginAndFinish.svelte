<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import { formatLevel } from '../../core/hair';
	import Dial from '../../ui/Dial.svelte';
	import type { LiftPlan, ZoneName } from '../../schema/records';
	import { useVisit } from '../../state/visitContext';
	import { ZONES } from '../../model/head/hair';

	const session = useVisit();
	const view = $derived(session.view);
	const step = $derived(view.shown);
	const plan = $derived(step.plan);
	const set = (label: string, recipe: (draft: LiftPlan) => void) =>
		session.changePlan(label, recipe);

	/** What it would do to the level of another zone. */
	function zoneHint(name: ZoneName, change: Partial<LiftPlan>): string {
		const zone = view.zones.find((candidate) => candidate.name === name);
		if (!zone) return '';
		const [now, then] = [step.levelWith(zone, {}), step.levelWith(zone, change)];
		return `${name} ${formatLevel(now)} to ${formatLevel(then)}`;
	}
	const covered = $derived(ZONES.filter((zone) => plan.covers[zone]));
	const outside = $derived(view.zones.map(({ name }) => name).filter((name) => !plan.covers[name]));
	const delayed = (name: ZoneName, minutes: number) => ({
		delays: { ...plan.delays, [name]: minutes }
	});
</script>

{#each ['lengths', 'ends'] as const as zone (zone)}
	{#if plan.covers[zone]}
		<Dial
			label="{zone === 'ends' ? 'Ends follow' : 'Lengths follow'} after"
			value={plan.delays[zone]}
			{...BOUNDS.delayMinutes}
			shown={plan.delays[zone] === 0 ? 'at once' : `${plan.delays[zone]} min`}
			hint="5 min later: {zoneHint(zone, delayed(zone, plan.delays[zone] + 5))}"
			onchange={(v) => set(`${zone} delay`, (p) => (p.delays[zone] = v))}
		/>
	{/if}
{/each}
{#if outside.length > 0 && covered.length > 0}
	<Dial
		label="Drawn through at the finish"
		value={plan.drawThroughMinutes}
		{...BOUNDS.drawThroughMinutes}
		shown={plan.drawThroughMinutes === 0 ? 'not' : `last ${plan.drawThroughMinutes} min`}
		hint="5 min more: {zoneHint(outside.at(-1)!, {
			drawThroughMinutes: plan.drawThroughMinutes + 5
		})}"
		onchange={(v) => set('drawn through', (p) => (p.drawThroughMinutes = v))}
	/>
{:else}
	<p class="text-13 text-ink-soft">
		Where a zone is kept out, the spent mixture can be drawn over it for the last minutes.
	</p>
{/if}
