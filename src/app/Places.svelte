<script lang="ts">
	import SaveLine from '../widgets/SaveLine.svelte';
	import { page } from '$app/state';
	import { useRecords } from '../state/records';
	import { PLACES } from './places';
	import { finding } from '../state/finding.svelte';
	import Search from '@lucide/svelte/icons/search';

	const records = useRecords();
	const isHere = (href: string) =>
		href === '/' ? page.url.pathname === '/' : page.url.pathname.startsWith(href);
</script>

<nav
	class="no-print sticky top-view flex h-view flex-col overflow-y-auto bg-rail text-rail-ink max-tablet:static max-tablet:h-auto max-tablet:overflow-visible"
	aria-label="Places"
>
	<div class="flex items-center justify-between pr-2">
		<p
			class="p-5 figure text-28 max-tablet:px-4 max-tablet:pt-3 max-tablet:pb-1.5 max-tablet:text-18"
		>
			Zelvant
		</p>
		<button
			class="hidden tap min-w-11 place-items-center max-tablet:grid"
			onclick={() => (finding.open = true)}
			aria-label="Find"><Search size={20} aria-hidden="true" /></button
		>
	</div>
	<ul class="border-t border-rail-line max-tablet:grid max-tablet:grid-cols-4 max-tablet:border-0">
		{#each PLACES as place (place.href)}
			<li>
				<a
					class="group block border-b border-rail-line px-5 py-3 no-underline aria-[current=page]:bg-room aria-[current=page]:text-ink max-tablet:border-0 max-tablet:px-0 max-tablet:py-3 max-tablet:text-center"
					href={place.href}
					aria-current={isHere(place.href) ? 'page' : undefined}
				>
					<span class="block text-15 font-semibold">{place.name}</span>
					<span
						class="text-14 text-rail-soft group-aria-[current=page]:text-ink-soft max-tablet:hidden"
						>{place.line}</span
					>
				</a>
			</li>
		{/each}
	</ul>
	<div
		class="mt-auto px-5 pt-4 pb-5 text-14 text-rail-soft max-tablet:px-4 max-tablet:pt-0 max-tablet:pb-2"
	>
		<button
			class="-ml-1 flex tap items-center gap-2 px-1 text-15 text-rail-ink max-tablet:hidden"
			onclick={() => (finding.open = true)}><Search size={18} aria-hidden="true" />Find</button
		>
		<p class="max-tablet:hidden">
			{records.salon === 'demo' ? 'Tideglass Rooms, demo data' : 'Your own records'}
		</p>
		<SaveLine />
	</div>
</nav>
