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

<nav class="places no-print" aria-label="Places">
	<p class="mark figure">Zelvant</p>
	<ul>
		{#each PLACES as place (place.href)}
			<li>
				<a href={place.href} aria-current={isHere(place.href) ? 'page' : undefined}>
					<span class="title">{place.name}</span>
					<span class="line">{place.line}</span>
				</a>
			</li>
		{/each}
	</ul>
	<div class="room">
		<p class="whose">
			{records.salon === 'demo' ? 'Tideglass Rooms, demo data' : 'Your own records'}
		</p>
		<SaveLine />
	</div>
</nav>

<style>
	.places {
		background: var(--rail);
		color: var(--rail-ink);
		display: flex;
		flex-direction: column;
		height: 100dvh;
		position: sticky;
		top: 0;
	}
	.mark {
		font-size: 25px;
		padding: 20px 22px 22px;
	}
	ul {
		border-top: 1px solid var(--rail-line);
	}
	a {
		display: block;
		padding: 11px 22px 12px;
		text-decoration: none;
		border-bottom: 1px solid var(--rail-line);
	}
	.title {
		display: block;
		font-weight: 600;
		font-size: 16px;
	}
	.line {
		color: var(--rail-soft);
		font-size: 13.5px;
	}
	a[aria-current='page'] {
		background: var(--room);
		color: var(--ink);
	}
	a[aria-current='page'] .line {
		color: var(--ink-soft);
	}
	.room {
		margin-top: auto;
		padding: 16px 22px 20px;
		color: var(--rail-soft);
		font-size: 14px;
	}
	@media (max-width: 760px) {
		.places {
			position: static;
			height: auto;
		}
		.mark {
			padding: 12px 16px 6px;
			font-size: 20px;
		}
		ul {
			display: grid;
			grid-template-columns: repeat(4, minmax(0, 1fr));
			border: 0;
		}
		a {
			padding: 12px 0;
			text-align: center;
			border: 0;
		}
		.line,
		.whose {
			display: none;
		}
		.room {
			padding: 0 16px 8px;
		}
	}
</style>
