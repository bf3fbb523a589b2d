<script lang="ts">
	import Button from '../ui/Button.svelte';
	import TextField from '../ui/TextField.svelte';
	import { cautionWords } from '../wording/cautions';
	import type { StandingCaution } from '../model/visit/cautions';

	interface Props {
		caution: StandingCaution;
		onpass: (code: string, reason: string) => void;
	}
	let { caution, onpass }: Props = $props();
	let reason = $state('');
	/** A stop is not passed by a single key: the reason has to say something. */
	const LEAST = 10;
	const enough = $derived(reason.trim().length >= LEAST);
	const said = $derived(cautionWords(caution));
	const WORDS = { stop: 'Stop', ask: 'Think', note: 'Note' } as const;
</script>

<li class="border-b border-line pt-3 pb-4 [&>.field]:mt-2">
	<p>
		<b
			class={[caution.severity === 'stop' && 'text-stop', caution.severity === 'ask' && 'text-ask']}
			>{WORDS[caution.severity]}: {said.title}</b
		>
		{said.why}
	</p>
	<p class="text-ink-soft">{said.todo}</p>
	{#if caution.reason !== undefined}
		<p class="mt-1.5 font-semibold">
			{caution.reason ? `Passed: “${caution.reason}”` : 'Seen.'}
		</p>
	{:else if caution.severity === 'stop'}
		<TextField
			label="Why you go on all the same (kept in the record)"
			value={reason}
			oninput={(text) => (reason = text)}
		/>
		<div class="mt-2 flex items-center gap-3">
			<Button disabled={!enough} onclick={() => onpass(caution.code, reason.trim())}
				>Pass this stop</Button
			>
			{#if !enough}<span class="text-ink-soft">Write at least {LEAST} letters.</span>{/if}
		</div>
	{:else if caution.severity === 'ask'}
		<TextField
			label="Your reason, if there is one"
			value={reason}
			oninput={(text) => (reason = text)}
		/>
		<div class="mt-2 flex items-center gap-3">
			<Button onclick={() => onpass(caution.code, reason.trim())}>I have seen to it</Button>
		</div>
	{/if}
</li>
