<script lang="ts">
	import Wheel from '../../charts/wheel/Wheel.svelte';
	import type { Lab } from '../../core/colour';
	import { nearestTone, rawLab, turnedTo } from '../../core/tone';
	import { DIRECTIONS } from '../../core/vocabulary';
	import { setColour } from '../../model/commands/aim';
	import { changePlaced } from '../../model/commands/placed';
	import { dyesIn, wheelPath, wheelPulls, wheelZones } from '../../state/toneWheel';
	import { useVisit } from '../../state/visitContext';
	import type { Aim } from '../../schema/records';
	import { wheelWords } from '../../wording/tone';

	const session = useVisit();
	const toner = $derived(session.toner);
	// Each by itself: what a dragged gram does not touch is not worked out again.
	const path = $derived(wheelPath(session.head.reading));
	const zones = $derived(session.placedToner ? [] : wheelZones(session.head));
	const pulls = $derived(wheelPulls(toner.filled, toner.line));
	const used = $derived(dyesIn(toner.parts, toner.conditions.vehicle));
	const aim = $derived(toner.aim);
	const words = $derived(wheelWords(session.tonerUndertone, aim));

	function take(label: string, colour: Partial<Pick<Aim, 'direction' | 'keepWarmth'>>) {
		const { placedToner, head } = session;
		if (placedToner) {
			const { id, mix } = placedToner;
			const to = { ...mix.aim, ...colour };
			session.change(`${label}, ${mix.place}`, ({ tone }) => changePlaced(tone, id, { aim: to }));
			return;
		}
		const own = head.strandAim.zones[head.zone.name];
		session.change(label, (draft) =>
			setColour(draft.aim, own ? head.zone.name : undefined, colour)
		);
	}
	const drag = (to: Pick<Lab, 'a' | 'b'>) => {
		const found = nearestTone(to, aim.level, rawLab(toner.filled));
		if (found.direction !== aim.direction || found.keepWarmth !== aim.keepWarmth)
			take('aim on the wheel', found);
	};
	function step(by: number, warmth: number) {
		const at = DIRECTIONS.indexOf(aim.direction);
		const direction = DIRECTIONS[(at + by + DIRECTIONS.length) % DIRECTIONS.length]!;
		if (by !== 0) take('aim on the wheel', turnedTo(aim, direction));
		else {
			const keepWarmth = Math.min(1, Math.max(0, Math.round(20 * aim.keepWarmth + warmth) / 20));
			take('aim on the wheel', { keepWarmth });
		}
	}
</script>

<section aria-label="The wheel" class="mx-auto w-60 min-w-0 max-desk:w-52 max-tablet:w-60">
	<Wheel
		{path}
		starts={[{ name: '', lab: toner.bareLab }, ...zones]}
		toned={{ lab: toner.toned.lab }}
		aim={toner.target}
		pulls={pulls.map((pull) => ({ ...pull, used: used.has(pull.dye) }))}
		warmth={Math.round(100 * aim.keepWarmth)}
		spoken="{words.aim}. {words.against}"
		onaim={drag}
		onstep={step}
	/>
	<p class="text-center text-13 leading-close">Drag the ring: <b>{words.aim}</b></p>
</section>
