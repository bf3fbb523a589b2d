<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import Choice from '../../ui/Choice.svelte';
	import Dial from '../../ui/Dial.svelte';
	import Tick from '../../ui/Tick.svelte';
	import { useVisit } from '../../state/visitContext';
	import { WORN_OPTIONS } from '../../wording/aim';

	const session = useVisit();
	const strandAim = $derived(session.view.strandAim);
</script>

<Tick
	label="A panel under the rest"
	checked={strandAim.panel !== undefined}
	onchange={(on) =>
		session.changeWholeAim('panel', (draft) => {
			if (on) draft.panel = { topEdgeCm: 18, worn: 'down' };
			else delete draft.panel;
		})}
/>
{#if strandAim.panel}
	{@const panel = strandAim.panel}
	<Dial
		label="Top edge under the parting"
		value={panel.topEdgeCm}
		{...BOUNDS.panelEdgeCm}
		shown="{panel.topEdgeCm} cm"
		onchange={(value) =>
			session.changeWholeAim('panel', (draft) => {
				if (draft.panel) draft.panel.topEdgeCm = value;
			})}
	/>
	<Choice
		label="Worn"
		value={panel.worn}
		options={WORN_OPTIONS}
		onchange={(value) =>
			session.changeWholeAim('panel', (draft) => {
				if (draft.panel) draft.panel.worn = value;
			})}
	/>
{/if}
