<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import { ledgerOf, rowsOf } from '../../model/ledger/rows';
	import type { Visit } from '../../schema/records';
	import { useRecords } from '../../state/records';
	import BalancedPicture from '../../widgets/BalancedPicture.svelte';
	import { cautionTitle } from '../../wording/cautions';
	import { LEDGER_KINDS, ledgerWords } from '../../wording/ledger';
	import { CAUSE_OPTIONS } from '../../wording/surprise';
	import { formatDate, formatHours, formatPrice, labelIn, unbroken } from '../../wording/words';

	interface Props {
		visit: Visit;
	}
	let { visit }: Props = $props();
	const { workspace } = useRecords();
	const result = $derived(visit.result);
	/** What went on it: what the visit was for and came to is told above. */
	const rows = $derived(
		ledgerOf([{ rows: rowsOf(visit) }], workspace.shelf?.lines).filter(
			({ kind }) => kind !== 'visit'
		)
	);
	const seen = $derived.by(() => {
		const { level, expected, unsure, tone } = result;
		if (level === undefined || unsure) return 'Nobody looked at the end.';
		const words = `Seen ${formatLevel(level)}${tone ? ` ${tone}` : ''}`;
		return expected ? `${words}, expected ${formatLevel(expected.toned)}.` : `${words}.`;
	});
	const took = $derived(
		[
			visit.colourist,
			result.tookMinutes === undefined
				? ''
				: `${formatHours(result.tookMinutes)}${result.planned ? `, planned ${formatHours(result.planned.minutes)}` : ''}`,
			result.price === undefined ? '' : formatPrice(result.price, workspace.shelf),
			result.leftoverGrams === undefined ? '' : `${result.leftoverGrams} g left over`
		].filter(Boolean)
	);
	const reasons = $derived(visit.passed.filter(({ reason }) => reason));
</script>

<section aria-labelledby="told" class="border-t border-line pt-3">
	<div class="flex flex-wrap items-baseline justify-between gap-x-4">
		<h2 id="told" class="text-22 font-semibold">{formatDate(visit.date)}</h2>
		<a class="inline-grid tap items-center" href="/visit/{visit.id}/send-off">Open the visit</a>
	</div>
	<p>
		Agreed: {formatLevel(visit.aim.level)}
		{visit.aim.direction}. {seen}
	</p>
	{#if took.length > 0}<p class="text-ink-soft">{took.join(' · ')}</p>{/if}
	<dl class="pt-2">
		{#each rows as row (row.key)}
			<div class="grid grid-cols-[92px_minmax(0,1fr)] border-b border-line py-1">
				<dt class="text-ink-soft">{LEDGER_KINDS[row.kind]}</dt>
				<dd class="wrap-anywhere">
					{unbroken(`${ledgerWords(row)}${row.minutes ? `, ${row.minutes} min` : ''}`)}
				</dd>
			</div>
		{/each}
		{#if result.causes?.length}
			<div class="grid grid-cols-[92px_minmax(0,1fr)] border-b border-line py-1">
				<dt class="text-ink-soft">why</dt>
				<dd>{result.causes.map((cause) => labelIn(CAUSE_OPTIONS, cause)).join(', ')}</dd>
			</div>
		{/if}
		{#if result.refused}
			<div class="grid grid-cols-[92px_minmax(0,1fr)] border-b border-line py-1">
				<dt class="text-ink-soft">refused</dt>
				<dd class="wrap-anywhere">{result.refused}</dd>
			</div>
		{/if}
		{#each reasons as { code, reason } (code)}
			<div class="grid grid-cols-[92px_minmax(0,1fr)] border-b border-line py-1">
				<dt class="text-ink-soft">passed</dt>
				<dd class="wrap-anywhere">{cautionTitle(code)} “{reason}”</dd>
			</div>
		{/each}
	</dl>
	{#if result.notes}<p class="pt-2 wrap-anywhere whitespace-pre-line">{result.notes}</p>{/if}
	{#if result.picture}
		<div class="max-w-90 pt-2">
			<BalancedPicture
				id={result.picture}
				alt="The end of {formatDate(visit.date)}"
				card={result.card}
			/>
		</div>
	{/if}
</section>
