<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import {
		ACT_MINUTES,
		mixtureNeeded,
		plannedMinutes,
		refusal,
		worked,
		type Act,
		type Stretch
	} from '../../core/practice';
	import {
		BOUNDS,
		HEAD_PARTS,
		HEAD_TONE_LEVELS,
		HEAD_TONE_MINUTES,
		HEAD_TONES,
		HEAD_VOLUMES
	} from '../../core/vocabulary';
	import type { HeadRun } from '../../state/headRun.svelte';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import Choices from '../../ui/Choices.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import { toneWords } from '../../wording/tone';
	import { HEAD_PART_NAMES, REFUSAL_WORDS, TOPIC_OPTIONS } from '../../wording/practiceHead';

	interface Props {
		run: HeadRun;
	}
	let { run }: Props = $props();
	const now = $derived(run.state);
	const began = $derived(now.pieces.some(({ laid }) => laid.length > 0));
	const rinsed = $derived(now.rinsedAt !== undefined);
	// svelte-ignore state_referenced_locally
	const stretches = worked(run.head);
	let on = $state.raw<readonly Stretch[]>(stretches.filter((each) => each !== 'root'));
	let volume = $state<string>('20');
	let grams = $state<number>();
	let tone = $state<string>('N');
	let toneLevel = $state<string>('8');
	let toneMinutes = $state<string>('10');
	let readAt = $state<Partial<Record<Stretch, number>>>({});
	const needed = $derived(mixtureNeeded(run.head, on));
	const all = $derived(3 * needed);
	const mix = $derived<Act>({
		act: 'mix',
		product: 'powder',
		volume: Number(volume),
		grams: grams ?? all
	});
	const toner = $derived<Act>({
		act: 'tone',
		level: Number(toneLevel),
		tone,
		minutes: Number(toneMinutes)
	});
	const options = (values: readonly (string | number)[], words = (value: string) => value) =>
		values.map((value) => ({ value: String(value), label: words(String(value)) }));
	/** What the engine expects of a typical head like the one that was read. */
	const planned = $derived(
		plannedMinutes(run.head, readAt.lengths ?? run.head.naturalLevel, Number(volume))
	);
	const plannedWords = $derived(
		planned === undefined || planned > 50
			? `On a typical head like it, ${volume} vol does not reach ${formatLevel(run.head.wish.level)} within 50 minutes.`
			: `On a typical head like it, ${volume} vol in foil reaches ${formatLevel(run.head.wish.level)} at about minute ${Math.round(planned)}.`
	);
	const bowlWords = $derived(
		now.bowl
			? `In the bowl: ${Math.round(now.bowl.gramsLeft)} g with ${now.bowl.volume} vol, ${Math.round(now.minute - now.bowl.mixedAt)} min old. A part takes ${needed} g.`
			: `Nothing is mixed. A part takes ${needed} g, all three ${all} g.`
	);
	const why = (act: Act) => {
		const refused = refusal(now, act);
		return refused ? REFUSAL_WORDS[refused] : '';
	};
	const finishNote = $derived(why({ act: 'finish' }));
</script>

<div class="grid grid-cols-2 items-start gap-x-12 gap-y-6 max-desk:grid-cols-1">
	<div class="grid gap-6">
		{#if !began}
			<section aria-labelledby="ask-title">
				<h2 id="ask-title" class="mb-1 text-15 text-ink-soft">Ask, read, try</h2>
				<div class="flex flex-wrap gap-2">
					{#each TOPIC_OPTIONS as { topic, label } (topic)}
						{@const act: Act = { act: 'ask', topic }}
						<Button disabled={!run.can(act)} onclick={() => run.do(act)}>{label}</Button>
					{/each}
					<Button disabled={!run.can({ act: 'test' })} onclick={() => run.do({ act: 'test' })}
						>Try a strand ({ACT_MINUTES.test} min)</Button
					>
				</div>
				<div class="mt-4 flex flex-wrap items-end gap-4">
					{#each stretches as stretch (stretch)}
						<div class="w-28">
							<NumberField
								label="{stretch}: you read"
								value={readAt[stretch]}
								{...BOUNDS.level}
								step={0.5}
								onchange={(level) => {
									readAt[stretch] = level;
									run.do({ act: 'read', stretch, level });
								}}
							/>
						</div>
					{/each}
				</div>
			</section>
		{/if}
		{#if !rinsed}
			<section aria-labelledby="bowl-title">
				<h2 id="bowl-title" class="mb-1 text-15 text-ink-soft">Mix and put on</h2>
				<div class="flex flex-wrap items-end gap-x-6 gap-y-2">
					<Choice
						label="Developer, vol"
						value={volume}
						options={options(HEAD_VOLUMES)}
						onchange={(value) => (volume = value)}
					/>
					<div class="w-24">
						<NumberField
							label="Mixture"
							value={grams ?? all}
							min={1}
							max={400}
							unit="g"
							onchange={(value) => (grams = value)}
						/>
					</div>
					<Button disabled={!run.can(mix)} onclick={() => run.do(mix)}
						>Mix ({ACT_MINUTES.mix} min)</Button
					>
				</div>
				<p class="mt-1 text-14 text-ink-soft">{plannedWords}<br />{bowlWords}</p>
				<div class="mt-2 flex flex-wrap items-end gap-x-6 gap-y-2">
					<Choices
						label="It goes on"
						values={on}
						options={stretches.map((value) => ({ value, label: value }))}
						onchange={(values) => (on = values)}
					/>
					<div class="flex flex-wrap gap-2">
						{#each HEAD_PARTS as part (part)}
							{@const act: Act = { act: 'apply', part, on: [...on] }}
							<Button disabled={!run.can(act)} onclick={() => run.do(act)}
								>On: {HEAD_PART_NAMES[part]}</Button
							>
						{/each}
					</div>
				</div>
			</section>
		{/if}
	</div>
	<div class="grid gap-6">
		<section aria-labelledby="wait-title">
			<h2 id="wait-title" class="mb-1 text-15 text-ink-soft">Let it work</h2>
			<div class="flex flex-wrap gap-2">
				{#each [1, 5, 10] as minutes (minutes)}
					<Button onclick={() => run.do({ act: 'wait', minutes })}>{minutes} min</Button>
				{/each}
				<Button
					primary={run.lying}
					disabled={!run.can({ act: 'rinse' })}
					onclick={() => run.do({ act: 'rinse' })}>Rinse all of it</Button
				>
			</div>
		</section>
		<section aria-labelledby="toner-title">
			<h2 id="toner-title" class="mb-1 text-15 text-ink-soft">Tone, and send off</h2>
			<div class="flex flex-wrap items-end gap-x-4 gap-y-2">
				<div class="w-40">
					<Select
						label="Toner"
						value={tone}
						options={options(HEAD_TONES, (value) => `${value}, ${toneWords(value)}`)}
						onchange={(value) => (tone = value)}
					/>
				</div>
				<div class="w-20">
					<Select
						label="Level"
						value={toneLevel}
						options={options(HEAD_TONE_LEVELS)}
						onchange={(value) => (toneLevel = value)}
					/>
				</div>
				<div class="w-24">
					<Select
						label="Minutes"
						value={toneMinutes}
						options={options(HEAD_TONE_MINUTES)}
						onchange={(value) => (toneMinutes = value)}
					/>
				</div>
				<Button disabled={!run.can(toner)} onclick={() => run.do(toner)}>Tone</Button>
				<Button
					primary={now.toner !== undefined}
					disabled={!run.can({ act: 'finish' })}
					onclick={() => run.do({ act: 'finish' })}>Send off</Button
				>
			</div>
			{#if finishNote}<p class="mt-1 text-14 text-ink-soft">{finishNote}</p>{/if}
		</section>
	</div>
</div>
