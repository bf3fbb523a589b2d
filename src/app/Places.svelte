<script lang="ts">
	import SaveLine from '../widgets/SaveLine.svelte';
	import { page } from '$app/state';
	import { useRecords } from '../state/records';

	const records = useRecords();
	const PLACES = [
		{ href: '/', name: 'Day', line: 'who is in the chair' },
		{ href: '/clients', name: 'Clients', line: 'heads and what they did' },
		{ href: '/shelf', name: 'Shelf', line: 'lines, keys, developers' },
		{ href: '/records', name: 'Records', line: 'files, demo, look' }
	] as const;
	const isHere = (href: string) =>
		href === '/' ? page.url.pathname === '/' : page.url.pathname.startsWith(href);
</script>

<nav
	class="no-print sticky top-0 flex h-dvh flex-col bg-rail text-rail-ink max-tablet:static max-tablet:h-auto"
	aria-label="Places"
>
	<p
		class="p-5 figure text-28 max-tablet:px-4 max-tablet:pt-3 max-tablet:pb-1.5 max-tablet:text-18"
	>
		Zelvant
	</p>
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
		<p class="max-tablet:hidden">
			{records.salon === 'demo' ? 'Tideglass Rooms, demo data' : 'Your own records'}
		</p>
		<SaveLine />
	</div>
</nav>
