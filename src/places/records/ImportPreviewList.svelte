<script lang="ts">
	import type { ImportPreview } from '../../store/transfer';
	import type { AnyDocument } from '../../schema/records';
	import Button from '../../ui/Button.svelte';

	interface Props {
		preview: ImportPreview;
		fileName: string;
		onaccept: () => void;
		oncancel: () => void;
	}
	let { preview, fileName, onaccept, oncancel }: Props = $props();
	const MOST = 8;
	const name = (document: AnyDocument) =>
		document.kind === 'client'
			? document.name
			: document.kind === 'visit'
				? `visit of ${document.date}`
				: 'the shelf';
	const list = (documents: readonly AnyDocument[]) =>
		documents.slice(0, MOST).map(name).join(', ') +
		(documents.length > MOST ? ` and ${documents.length - MOST} more` : '');
	const nothing = $derived(preview.added.length + preview.changed.length === 0);
</script>

<div class="preview" role="region" aria-label="What {fileName} would do">
	<h3>{fileName}</h3>
	<dl>
		<dt class="figure">{preview.added.length}</dt>
		<dd>added{preview.added.length > 0 ? `: ${list(preview.added)}` : ''}</dd>
		<dt class="figure">{preview.changed.length}</dt>
		<dd>changed{preview.changed.length > 0 ? `: ${list(preview.changed)}` : ''}</dd>
		<dt class="figure">{preview.same.length}</dt>
		<dd>the same already</dd>
		<dt class="figure">{preview.refused.length}</dt>
		<dd>
			refused{#each preview.refused.slice(0, MOST) as refusal, i (i)}<br />{refusal.what}: {refusal.why}{/each}
		</dd>
	</dl>
	<div class="acts">
		<Button onclick={oncancel}>Leave everything as it is</Button>
		<Button primary disabled={nothing} onclick={onaccept}
			>{nothing ? 'Nothing to import' : 'Import these'}</Button
		>
	</div>
</div>

<style>
	.preview {
		margin-top: 16px;
		padding: 4px 0 4px 18px;
		border-left: 4px solid var(--ink);
	}
	dl {
		display: grid;
		grid-template-columns: 54px minmax(0, 1fr);
		gap: 4px 12px;
		align-items: baseline;
		margin: 8px 0 14px;
	}
	dt {
		font-size: 24px;
		text-align: right;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 12px;
	}
</style>
