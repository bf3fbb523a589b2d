<script lang="ts">
	import { Toolbar } from '../ui/headless';
	import Undo2 from '@lucide/svelte/icons/undo-2';
	import Search from '@lucide/svelte/icons/search';
	import { finding } from '../state/finding.svelte';
	import Redo2 from '@lucide/svelte/icons/redo-2';
	import IconButton from '../ui/IconButton.svelte';
	import { keyWords } from '../ui/keys';
	import { sayTakenBack } from '../widgets/takenBack';
	import type { VisitState } from '../state/visitState.svelte';

	interface Props {
		session: VisitState;
	}
	let { session }: Props = $props();
	/** What is needed beside the chair; the rest is a tap away, on the Day. */
	const PLACES = [
		{ href: '/', name: 'Day' },
		{ href: '/clients', name: 'Clients' },
		{ href: '/ledger', name: 'Ledger', wide: true },
		{ href: '/shelf', name: 'Shelf', wide: true }
	] as const;
</script>

<div
	class="mt-auto flex flex-wrap items-center gap-0 pt-3 pr-2 pl-5 max-desk:pl-3 max-tablet:m-0 max-tablet:bg-rail max-tablet:py-0 max-tablet:pr-2 max-tablet:pl-4 max-tablet:text-rail-ink"
>
	<Toolbar.Root aria-label="Take back and find" class="-ml-3 flex max-tablet:-ml-3">
		<IconButton
			rail
			inToolbar
			label="Undo"
			key={keyWords('undo')}
			icon={Undo2}
			disabled={!session.canUndo}
			onclick={() => sayTakenBack(session, false)}
		/>
		<IconButton
			rail
			inToolbar
			label="Redo"
			key={keyWords('redo')}
			icon={Redo2}
			disabled={!session.canRedo}
			onclick={() => sayTakenBack(session, true)}
		/>
		<IconButton
			rail
			inToolbar
			label="Find"
			key={keyWords('find')}
			icon={Search}
			onclick={() => (finding.open = true)}
		/>
	</Toolbar.Root>
	<span class="basis-full max-tablet:hidden"></span>
	{#each PLACES as { href, name, ...place } (href)}
		<a
			class={[
				'mr-2 grid tap min-w-0 place-items-center text-14 text-rail-ink no-underline last:mr-0 max-desk:text-13 max-tablet:text-14',
				'wide' in place && 'max-tablet:hidden'
			]}
			{href}>{name}</a
		>
	{/each}
</div>
