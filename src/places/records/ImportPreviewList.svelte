<script lang="ts">
	import type { Snippet } from 'svelte';
	import { formatDate } from '../../wording/words';
	import type { ImportItem, ImportPreview } from '../../store/importFile';

	interface Props {
		preview: ImportPreview;
		fileName: string;
		/** What is chosen of it, and done with it. */
		children: Snippet;
	}
	let { preview, fileName, children }: Props = $props();
	const MOST = 8;
	const nameOf = ({ kind, name }: ImportItem) =>
		kind === 'client'
			? name
			: kind === 'visit'
				? `visit of ${formatDate(name)}`
				: kind === 'picture'
					? 'a picture'
					: kind === 'trial'
						? `trials for ${name}`
						: kind === 'learner'
							? `practice of ${name}`
							: 'the shelf';
	const list = (documents: readonly ImportItem[]) =>
		documents.slice(0, MOST).map(nameOf).join(', ') +
		(documents.length > MOST ? ` and ${documents.length - MOST} more` : '');
</script>

<div
	class="mt-4 border-l-4 border-ink py-1 pl-4"
	role="region"
	aria-label="What {fileName} would do"
>
	<h3>{fileName}</h3>
	<dl class="mt-2 mb-3 grid grid-cols-[54px_minmax(0,1fr)] items-baseline gap-x-3 gap-y-1">
		<dt class="text-right figure text-22">{preview.added.length}</dt>
		<dd>added{preview.added.length > 0 ? `: ${list(preview.added)}` : ''}</dd>
		<dt class="text-right figure text-22">{preview.changed.length}</dt>
		<dd>changed{preview.changed.length > 0 ? `: ${list(preview.changed)}` : ''}</dd>
		<dt class="text-right figure text-22">{preview.same}</dt>
		<dd>the same already</dd>
		<dt class="text-right figure text-22">{preview.refused.length}</dt>
		<dd>
			refused{#each preview.refused.slice(0, MOST) as refusal, i (i)}<br />{refusal.what}: {refusal.why}{/each}
		</dd>
	</dl>
	{@render children()}
</div>
