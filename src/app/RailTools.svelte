<script lang="ts">
	import Undo2 from '@lucide/svelte/icons/undo-2';
	import Search from '@lucide/svelte/icons/search';
	import { finding } from '../state/finding.svelte';
	import Redo2 from '@lucide/svelte/icons/redo-2';
	import type { VisitState } from '../state/visitState.svelte';

	interface Props {
		session: VisitState;
	}
	let { session }: Props = $props();
</script>

<div
	class="mt-auto flex flex-wrap items-center gap-0 pt-3 pr-2 pl-5 max-desk:pl-3 max-tablet:m-0 max-tablet:bg-rail max-tablet:py-0 max-tablet:pr-2 max-tablet:pl-4 max-tablet:text-rail-ink"
>
	<button
		class="grid tap min-w-11 place-items-center px-1.5 text-14 text-rail-ink no-underline first:-ml-3 disabled:cursor-default disabled:text-edge"
		onclick={() => session.undo()}
		disabled={!session.canUndo}
		aria-label="Undo"
	>
		<Undo2 size={20} aria-hidden="true" />
	</button>
	<button
		class="grid tap min-w-11 place-items-center px-1.5 text-14 text-rail-ink no-underline first:-ml-3 disabled:cursor-default disabled:text-edge"
		onclick={() => session.redo()}
		disabled={!session.canRedo}
		aria-label="Redo"
	>
		<Redo2 size={20} aria-hidden="true" />
	</button>
	<button
		class="grid tap min-w-11 place-items-center px-1.5 text-rail-ink"
		onclick={() => (finding.open = true)}
		aria-label="Find"
	>
		<Search size={20} aria-hidden="true" />
	</button>
	<span class="basis-full max-tablet:hidden"></span>
	<a
		class="mr-2 grid tap min-w-0 place-items-center text-14 text-rail-ink no-underline last:mr-0 max-desk:mr-2 max-desk:text-13 max-tablet:mr-2 max-tablet:text-14"
		href="/">Day</a
	>
	<a
		class="mr-2 grid tap min-w-0 place-items-center text-14 text-rail-ink no-underline last:mr-0 max-desk:mr-2 max-desk:text-13 max-tablet:mr-2 max-tablet:text-14"
		href="/clients">Clients</a
	>
	<a
		class="mr-2 grid tap min-w-0 place-items-center text-14 text-rail-ink no-underline last:mr-0 max-desk:mr-2 max-desk:text-13 max-tablet:mr-2 max-tablet:hidden max-tablet:text-14"
		href="/shelf">Shelf</a
	>
	<a
		class="mr-2 grid tap min-w-0 place-items-center text-14 text-rail-ink no-underline last:mr-0 max-desk:mr-2 max-desk:text-13 max-tablet:mr-2 max-tablet:hidden max-tablet:text-14"
		href="/records">Records</a
	>
</div>
