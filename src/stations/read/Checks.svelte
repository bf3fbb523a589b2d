<script lang="ts">
	import { conditionBand, conditionCauses, endsCondition } from '../../core/hair';
	import type { ZoneName } from '../../schema/records';
	import Choice from '../../ui/Choice.svelte';
	import { useVisit } from '../../state/visitContext';
	import { conditionOf, porosityOf } from '../../model/head/hair';
	import { setPorosity } from '../../model/commands/reading';

	interface Props {
		zone: ZoneName;
	}
	let { zone }: Props = $props();
	const session = useVisit();
	const reading = $derived(session.view.reading);
	const strain = $derived(reading.strain);
	const condition = $derived(conditionOf(reading));
	const ends = $derived(endsCondition(strain));
	const causes = $derived(conditionCauses(strain));

	const STRETCH = [
		{ value: 'springs', label: 'springs back' },
		{ value: 'slow', label: 'slow' },
		{ value: 'limp', label: 'stays limp' }
	] as const;
	const POROSITY = [
		{ value: 'low', label: 'beads off' },
		{ value: 'normal', label: 'soaks in slowly' },
		{ value: 'high', label: 'soaks in at once' }
	] as const;
	const FEEL = [
		{ value: 'smooth', label: 'smooth' },
		{ value: 'rough', label: 'rough' },
		{ value: 'gummy', label: 'gummy' }
	] as const;
	const ENDS = [
		{ value: 'sound', label: 'as the lengths' },
		{ value: 'dry', label: 'dry' },
		{ value: 'splitting', label: 'splitting' }
	] as const;
</script>

<ol
	class="grid grid-cols-[repeat(auto-fill,minmax(280px,1fr))] gap-x-7 gap-y-2 @max-narrow:grid-cols-1"
>
	<li>
		<Choice
			label="Wet stretch"
			value={strain.stretch}
			options={STRETCH}
			onchange={(v) => session.changeHead('stretch', (r) => (r.strain.stretch = v))}
		/>
		<p class="text-14 text-ink-soft">Wet one hair, stretch it by a third, let go.</p>
	</li>
	<li>
		<Choice
			label="A drop of water on the dry {zone}"
			value={porosityOf(reading, zone)}
			options={POROSITY}
			onchange={(v) => session.changeReading(`porosity of ${zone}`, (r) => setPorosity(r, zone, v))}
		/>
		<p class="text-14 text-ink-soft">
			Watch it for ten seconds. It sets the porosity of this zone.
		</p>
	</li>
	<li>
		<Choice
			label="Drawn between two fingers"
			value={strain.feel}
			options={FEEL}
			onchange={(v) => session.changeHead('feel', (r) => (r.strain.feel = v))}
		/>
		<p class="text-14 text-ink-soft">From the tip towards the root, wet.</p>
	</li>
	<li>
		<Choice
			label="The last centimetres"
			value={strain.ends}
			options={ENDS}
			onchange={(v) => session.changeHead('ends', (r) => (r.strain.ends = v))}
		/>
		<p class="text-14 text-ink-soft">Fan them over a finger against the light.</p>
	</li>
</ol>
<p role="status">
	<b>Condition {Math.round(condition)}, {conditionBand(condition)}.</b>
	{#if causes.length === 0}Nothing has taken from it.{:else}{causes
			.map(({ cause, points }) => `${cause} −${Math.max(1, Math.round(points))}`)
			.join(', ')}.{/if}
	{#if strain.ends !== 'sound'}
		Ends {Math.round(ends)}, {conditionBand(ends)}{ends < 55 ? ': cut these first' : ''}.
	{/if}
</p>
