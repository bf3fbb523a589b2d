<script lang="ts">
	import Undo2 from '@lucide/svelte/icons/undo-2';
	import Redo2 from '@lucide/svelte/icons/redo-2';
	import type { VisitState } from '../state/visitState.svelte';

	interface Props {
		session: VisitState;
	}
	let { session }: Props = $props();
</script>

<div class="tools">
	<button onclick={() => session.undo()} disabled={!session.canUndo} aria-label="Undo">
		<Undo2 size={20} aria-hidden="true" />
	</button>
	<button onclick={() => session.redo()} disabled={!session.canRedo} aria-label="Redo">
		<Redo2 size={20} aria-hidden="true" />
	</button>
	<span class="break"></span>
	<a href="/">Day</a>
	<a href="/clients">Clients</a>
	<a href="/shelf">Shelf</a>
	<a href="/records">Records</a>
</div>

<style>
	.tools {
		margin-top: auto;
		padding: 14px 8px 0 22px;
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0;
	}
	.tools a,
	.tools button {
		min-height: 44px;
		min-width: 44px;
		padding: 0 6px;
		display: grid;
		place-items: center;
		color: var(--rail-ink);
		background: none;
		border: 0;
		text-decoration: none;
		font-size: 14px;
	}
	.break {
		flex-basis: 100%;
	}
	.tools a {
		min-width: 0;
		padding: 0;
		margin-right: 10px;
	}
	.tools a:last-child {
		margin-right: 0;
	}
	.tools button:first-child {
		margin-left: -12px;
	}
	.tools button:disabled {
		color: #6e6e6e;
		cursor: default;
	}
	@media (max-width: 1100px) {
		.tools {
			padding-left: 14px;
		}
		.tools a {
			font-size: 13px;
			margin-right: 8px;
		}
	}
	@media (max-width: 760px) {
		.tools {
			background: var(--rail);
			color: var(--rail-ink);
			margin: 0;
			padding: 0 10px 0 16px;
		}
		.tools a {
			font-size: 14px;
			margin-right: 10px;
		}
		.break {
			display: none;
		}
	}
</style>
