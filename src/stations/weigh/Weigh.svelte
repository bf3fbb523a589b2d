<script lang="ts">
	import { useClock } from '../../state/clock.svelte';
	import { untrack } from 'svelte';
	import { goto } from '$app/navigation';
	import { STANDING_CAUTIONS } from '../../wording/cautions';
	import { SimulatedScale } from '../../devices/simulatedScale';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import { actOf } from '../../ui/keys';
	import Progress from '../../ui/Progress.svelte';
	import { dayBowls, mixtureCost } from '../../model/visit/dayBowls';
	import { openVisit } from '../../state/openVisit';
	import { Awake } from '../../devices/awake.svelte';
	import SaveLine from '../../widgets/SaveLine.svelte';
	import MendNotice from './MendNotice.svelte';
	import { Mixing } from '../../state/mixing.svelte';
	import NowWeighing from './NowWeighing.svelte';
	import SimulatedControls from './SimulatedControls.svelte';
	import Weighings from './Weighings.svelte';
	import { bowlName, bowlNote, partName, sectionNamer } from '../../wording/bowls';
	import { formatPrice, timeOf } from '../../wording/words';
	import { BOWL_LIFE_MINUTES } from '../../core/mix';
	import { minutesUntilWanted, startOf } from '../../model/visit/when';
	import { shown } from '../../wording/weigh';

	interface Props {
		id: string;
		/** Number of the bowl, from 1. */
		number: number;
	}
	let { id, number }: Props = $props();
	const clock = useClock();
	// svelte-ignore state_referenced_locally
	// The route remounts this component for another visit.
	const session = openVisit(useRecords().workspace, clock, id);
	// What is only reckoned so far is not weighed.
	const bowls = $derived(session.bowls.ready ? dayBowls(session) : []);
	const at = $derived(Math.min(Math.max(1, number), bowls.length));
	const bowl = $derived(bowls[at - 1]);
	/** What is in the bowl that is weighed. */
	const cost = $derived(bowl && mixtureCost([bowl], session.shelf));
	const scale = new SimulatedScale(
		{
			random: Math.random,
			now: () => clock.steady(),
			wait: (ms) => new Promise((resolve) => setTimeout(resolve, ms)),
			every: (ms, tick) => {
				const timer = setInterval(tick, ms);
				return () => clearInterval(timer);
			}
		},
		session.shelf?.scaleStep ?? 1
	);
	/** A bowl loses strength from the moment it is mixed: whoever comes too early hears it before pouring. */
	const tooEarly = $derived.by(() => {
		const until = bowl && minutesUntilWanted(session.visit, bowl.mixAtMinute, clock.shown);
		return until !== undefined && until > BOWL_LIFE_MINUTES && !mixing?.mixed?.done
			? until
			: undefined;
	});
	// A search that ends, or a weighing that is written down, makes no other bowl of it.
	const key = $derived(bowl?.id ?? '');
	const nameOf = $derived(sectionNamer(session.bowls.sections.map(({ section }) => section)));
	const time = (minute: number) => timeOf(startOf(session.visit), minute);
	let mixing = $state.raw<Mixing>();
	$effect(() => {
		if (key === '') return undefined;
		const opened = untrack(
			() => new Mixing(session, bowl!, scale, (part) => partName(part, session.shelf))
		);
		mixing = opened;
		void opened.connect();
		return () => {
			mixing = undefined;
			void opened.close();
		};
	});
	const SCREEN = {
		unknown: '',
		awake: 'The screen stays on.',
		cannot: 'This browser may let the screen go dark.'
	} as const;
	const awake = new Awake();
	$effect(() => awake.hold());

	const now = $derived(mixing?.now);
	const on = $derived(mixing?.state === 'on');
	const go = (to: number) =>
		void goto(`/visit/${id}/mix?bowl=${Math.min(bowls.length, Math.max(1, to))}`, {
			replaceState: true,
			keepFocus: true
		});
	const ACTS = {
		take: () => (now ? takeOn() : go(at + 1)),
		tare: () => mixing?.tare(),
		mend: () => mixing?.mend(),
		bowlNext: () => go(at + 1),
		bowlBefore: () => go(at - 1),
		leave: () => void goto(`/visit/${id}/bowls`)
	};
	function press(event: KeyboardEvent) {
		const act = actOf(event, 'weigh');
		if (act) ACTS[act]();
	}
	function takeOn() {
		if (!mixing || !now) return;
		if (now.part.unit !== 'g') mixing.takeAmount(now.target);
		else if (on) mixing.take();
	}
</script>

<svelte:head><title>Bowl {at} · {session.client?.name ?? 'Visit'} · Zelvant</title></svelte:head>
<svelte:window onkeydown={press} />

<main
	class="mx-auto flex min-h-view max-w-375 flex-col gap-3 px-9 py-5 max-tablet:gap-2 max-tablet:px-4 max-tablet:py-3"
>
	<header class="flex flex-wrap items-center justify-between gap-x-8 gap-y-2">
		<div>
			<h1 class="font-figure text-28 leading-close">
				{session.bowls.ready ? `Bowl ${at} of ${bowls.length}` : 'Bowls'}
			</h1>
			{#if bowl}
				<p class="text-ink-soft">
					{session.client?.name ?? 'Client'} · {bowlName(bowl, nameOf)} · {bowlNote(
						bowl,
						time
					)}{cost === undefined ? '' : ` · ${formatPrice(cost, session.shelf)}`}
				</p>
			{/if}
		</div>
		<nav class="flex flex-wrap items-center gap-x-4 gap-y-2 max-tablet:w-full" aria-label="Bowls">
			<Button disabled={at <= 1} onclick={() => go(at - 1)}>Before</Button>
			<Button disabled={at >= bowls.length} onclick={() => go(at + 1)}>Next bowl</Button>
			<a class="inline-flex tap items-center" href="/visit/{id}/bowls">Back to Bowls</a>
			<SaveLine />
		</nav>
	</header>

	{#if !session.bowls.ready}
		<p role="status">
			<Progress label="Staging the bowls…" share={session.bowls.search.progress || undefined} />
		</p>
	{:else if !bowl}
		<p>Nothing is put on: there is no bowl to weigh.</p>
	{:else if mixing}
		{#if tooEarly !== undefined}
			<p class="text-18 font-semibold text-ask" role="status">
				Wanted in {Math.round(tooEarly)} min. A bowl is fresh for {BOWL_LIFE_MINUTES} min from its mixing:
				weigh this one later.
			</p>
		{/if}
		<NowWeighing {mixing} shelf={session.shelf} />
		{#if mixing.problem}<p class="text-18 font-semibold text-stop" role="alert">
				{mixing.problem}
			</p>{/if}
		{#if mixing.mended}<MendNotice {mixing} mended={mixing.mended} shelf={session.shelf} />{/if}
		<div
			class="flex flex-wrap items-end gap-3 [&_button:not(.text-button)]:min-h-18 [&_button:not(.text-button)]:min-w-48 [&_button:not(.text-button)]:text-22 max-tablet:[&_button:not(.text-button)]:min-w-0 max-tablet:[&_button:not(.text-button)]:flex-1"
		>
			{#if now}
				{#if now.part.unit !== 'g'}
					<Button primary onclick={takeOn}>{shown(now.target, now.part.unit)} in</Button>
				{:else if on}
					<Button primary={!mixing.mended} disabled={mixing.settling} onclick={takeOn}
						>{mixing.settling ? 'Taking it…' : 'Take it'}</Button
					>
					<Button onclick={() => mixing?.tare()}>Tare</Button>
				{:else}
					<NumberField
						label="Grams on its display"
						value={mixing.carried > 0 ? mixing.carried : undefined}
						min={0}
						max={scale.most}
						step={0.1}
						unit="g"
						atEnd
						onchange={(grams) => mixing?.takeAmount(grams)}
					/>
				{/if}
			{:else}
				<Button primary disabled={at >= bowls.length} onclick={() => go(at + 1)}>Next bowl</Button>
				<TextButton onclick={() => mixing?.empty()}>Weigh it again</TextButton>
			{/if}
		</div>

		<Weighings
			weighings={mixing.weighings}
			index={mixing.index}
			nameOf={(part) => partName(part, session.shelf)}
			onchoose={(index) => mixing?.choose(index)}
		/>
		<footer class="border-t border-line pt-2">
			<SimulatedControls {scale} {on} onplug={() => void mixing?.connect()} />
			<p class="text-ink-soft">
				Space takes it, t tares, m mends, arrows change the bowl. {SCREEN[awake.state]}
			</p>
			<p class="text-ink-soft">{STANDING_CAUTIONS.bowls}</p>
		</footer>
	{/if}
</main>
