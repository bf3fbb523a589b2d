<script lang="ts">
	import { BOUNDS, inPercent } from '../../core/vocabulary';
	import { haveOldLights, setLightsLevel } from '../../model/commands/reading';
	import type { ZoneName } from '../../schema/records';
	import Dial from '../../ui/Dial.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Tick from '../../ui/Tick.svelte';
	import { useVisit } from '../../state/visitContext';
	import { formatShare } from '../../wording/words';

	interface Props {
		zone: ZoneName;
	}
	let { zone }: Props = $props();
	const session = useVisit();
	const lights = $derived(session.view.reading.zones[zone].oldLights);
</script>

<Tick
	label="Old light pieces among it"
	checked={lights !== undefined}
	hint={lights
		? 'Kept out in foils, which pick up what lies between them; a brush cannot go round them.'
		: ''}
	onchange={(on) =>
		session.changeReading(`old lights of ${zone}`, (draft) => haveOldLights(draft.zones[zone], on))}
/>
{#if lights}
	<div class="mb-3 grid grid-cols-[minmax(0,1fr)_200px] items-end gap-x-6 gap-y-2">
		<Dial
			label="Part of the hair"
			value={Math.round(lights.share * 100)}
			{...inPercent(BOUNDS.oldLightShare)}
			shown={formatShare(lights.share)}
			onchange={(value) =>
				session.changeReading(`share of old lights`, (draft) => {
					const own = draft.zones[zone].oldLights;
					if (own) own.share = value / 100;
				})}
		/>
		<NumberField
			label="Their level"
			value={lights.level}
			{...BOUNDS.level}
			step={0.5}
			onchange={(level) =>
				session.changeReading('level of old lights', (draft) => setLightsLevel(draft, zone, level))}
		/>
	</div>
{/if}
