<script lang="ts">
	import type { Clash } from '../state/sentForm.svelte';
	import Button from '../ui/Button.svelte';

	interface Props {
		clashes: readonly Clash[];
		/** What a field is called. */
		nameOf: (path: readonly string[]) => string;
		ondecide: (clash: Clash, takes: 'mine' | 'theirs') => void;
	}
	let { clashes, nameOf, ondecide }: Props = $props();
	const shown = (value: unknown) =>
		value === undefined ? 'nothing' : typeof value === 'string' ? value : JSON.stringify(value);
</script>

{#if clashes.length > 0}
	<section class="my-3 border-2 border-ask p-4" role="alert" aria-label="Changed elsewhere">
		<p><b>This was changed in another window meanwhile.</b> Which is to hold?</p>
		<ul>
			{#each clashes as clash (clash.path.join('.'))}
				<li class="flex flex-wrap items-center gap-3 py-1">
					<span class="min-w-40 flex-1">{nameOf(clash.path)}</span>
					<Button onclick={() => ondecide(clash, 'theirs')}>{shown(clash.theirs)}, as there</Button>
					<Button onclick={() => ondecide(clash, 'mine')}>{shown(clash.mine)}, as typed here</Button
					>
				</li>
			{/each}
		</ul>
	</section>
{/if}
