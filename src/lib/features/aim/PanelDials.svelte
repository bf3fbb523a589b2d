<script lang="ts">
	import type { Aim } from '../../schema/records';
	import Choice from '../../ui/Choice.svelte';
	import Dial from '../../ui/Dial.svelte';
	import Tick from '../../ui/Tick.svelte';
	import { useVisit } from '../visit/context';
	import { WORN_OPTIONS } from './kinds';

	const session = useVisit();
	const strandAim = $derived(session.view.strandAim);
	const whole = (label: string, recipe: (draft: Aim) => void) =>
		session.change(label, (draft) => recipe(draft.aim));
</script>

<Tick
	label="A panel under the rest"
	checked={strandAim.panel !== undefined}
	onchange={(on) =>
		whole('panel', (draft) => {
			if (on) draft.panel = { topEdgeCm: 18, worn: 'down' };
			else delete draft.panel;
		})}
/>
{#if strandAim.panel}
	{@const panel = strandAim.panel}
	<Dial
		label="Top edge under the parting"
		value={panel.topEdgeCm}
		min={4}
		max={28}
		step={1}
		shown="{panel.topEdgeCm} cm"
		onchange={(value) =>
			whole('panel', (draft) => {
				if (draft.panel) draft.panel.topEdgeCm = value;
			})}
	/>
	<Choice
		label="Worn"
		value={panel.worn}
		options={WORN_OPTIONS}
		onchange={(value) =>
			whole('panel', (draft) => {
				if (draft.panel) draft.panel.worn = value;
			})}
	/>
{/if}
