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

<li>
	<p><b class={caution.severity}>{WORDS[caution.severity]}: {said.title}</b> {said.why}</p>
	<p class="todo">{said.todo}</p>
	{#if caution.reason !== undefined}
		<p class="passed">{caution.reason ? `Passed: “${caution.reason}”` : 'Seen.'}</p>
	{:else if caution.severity === 'stop'}
		<TextField
			label="Why you go on all the same (kept in the record)"
			value={reason}
			oninput={(text) => (reason = text)}
		/>
		<div class="act">
			<Button disabled={!enough} onclick={() => onpass(caution.code, reason.trim())}
				>Pass this stop</Button
			>
			{#if !enough}<span class="todo">Write at least {LEAST} letters.</span>{/if}
		</div>
	{:else if caution.severity === 'ask'}
		<TextField
			label="Your reason, if there is one"
			value={reason}
			oninput={(text) => (reason = text)}
		/>
		<div class="act">
			<Button onclick={() => onpass(caution.code, reason.trim())}>I have seen to it</Button>
		</div>
	{/if}
</li>

<style>
	li {
		padding: 12px 0 16px;
		border-bottom: 1px solid var(--line);
	}
	.stop {
		color: var(--stop);
	}
	.ask {
		color: var(--ask);
	}
	.todo {
		color: var(--ink-soft);
	}
	.passed {
		margin-top: 6px;
		font-weight: 600;
	}
	.act {
		display: flex;
		align-items: center;
		gap: 14px;
		margin-top: 8px;
	}
	li > :global(.field) {
		margin-top: 8px;
	}
</style>
