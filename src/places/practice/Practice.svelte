<script lang="ts">
	import { TWELVE_HEADS } from '../../core/practice';
	import { LESSONS } from '../../core/vocabulary';
	import { abilityIn, dueCards, eyeOf } from '../../model/practice/learner';
	import { useClock } from '../../state/clock.svelte';
	import { learning } from '../../state/learning.svelte';
	import { useRecords } from '../../state/records';
	import Menu from '../../ui/Menu.svelte';
	import { say } from '../../ui/say.svelte';
	import Select from '../../ui/Select.svelte';
	import Sheet from '../../ui/Sheet.svelte';
	import { buttonLook } from '../../ui/look';
	import PlaceHead from '../../widgets/PlaceHead.svelte';
	import { LESSON_GROUPS, LESSON_WORDS, skillWords } from '../../wording/practice';
	import EyeScale from './EyeScale.svelte';
	import NewLearner from './NewLearner.svelte';
	import Sets from './Sets.svelte';
	import SkillStrand from './SkillStrand.svelte';

	const { workspace } = useRecords();
	const clock = useClock();
	const learner = $derived(learning.learner(workspace));
	const all = $derived(
		[...workspace.learners.values()]
			.sort((p, q) => p.name.localeCompare(q.name))
			.map(({ id, name }) => ({ value: id, label: name }))
	);
	const due = $derived(learner ? dueCards(learner, clock.shown) : []);
	const skills = $derived(
		learner
			? new Map(
					LESSONS.map((lesson) => [
						lesson,
						{
							...abilityIn(learner, lesson),
							due: due.filter((card) => card.lesson === lesson).length
						}
					])
				)
			: undefined
	);
	const worked = $derived(
		new Set(
			learner?.heads.flatMap(({ seed, score }) =>
				score !== undefined && seed <= TWELVE_HEADS ? [seed] : []
			)
		).size
	);
	let adding = $state(false);
	function remove() {
		if (!learner) return;
		const gone = learner;
		const step = workspace.transact('practice removed', (draft) => draft.remove(gone));
		say(`The practice of ${gone.name} is removed.`, () => workspace.undo(step));
	}
</script>

{#if !learner || !skills}
	<PlaceHead title="Learn it on hair that forgives" />
	<p class="max-w-128 text-18">
		Strands drawn anew every time: name levels and undertones, choose toners, reckon bowls, and work
		whole heads against the clock. What was missed comes again, days apart. Nobody’s hair pays for
		it.
	</p>
	<NewLearner />
{:else}
	<PlaceHead
		title={due.length === 0
			? 'Nothing has come due'
			: `${due.length} ${due.length === 1 ? 'thing comes' : 'things come'} again`}
		above="{learner.name} practises"
	>
		<div class="w-45">
			<Select
				label="Who"
				value={learner.id}
				options={all}
				onchange={(id) => (learning.chosen = id)}
			/>
		</div>
		<Menu
			label="More"
			items={[
				{ id: 'add', label: 'Somebody else practises' },
				{ id: 'remove', label: `Remove ${learner.name}` }
			]}
			onpick={(id) => (id === 'add' ? (adding = true) : remove())}
		/>
		<a
			class={buttonLook({ primary: true, class: 'self-end no-underline' })}
			href="/practice/lesson/mixed">Practise</a
		>
	</PlaceHead>

	<div class="grid grid-cols-[minmax(0,1fr)_300px] gap-x-12 gap-y-8 max-desk:grid-cols-1">
		<div>
			{#each LESSON_GROUPS as { name, lessons } (name)}
				<section class="mb-6" aria-label={name}>
					<h2 class="mb-1 text-15 text-ink-soft">{name}</h2>
					<ul>
						{#each lessons as lesson (lesson)}
							{@const skill = skills.get(lesson)!}
							<li>
								<a
									class="grid tap grid-cols-[minmax(0,1fr)_128px_104px] items-center gap-x-4 border-t border-line py-1 no-underline hover:bg-sunk max-tablet:grid-cols-[minmax(0,1fr)_104px]"
									href="/practice/lesson/{lesson}"
								>
									<span class="leading-close"
										><b class="text-18">{LESSON_WORDS[lesson].name}</b>
										<span class="block text-14 text-ink-soft"
											>{LESSON_WORDS[lesson].line}
											{#if skill.due > 0}<b class="text-ink">· {skill.due} due</b>{/if}</span
										></span
									>
									<SkillStrand
										share={skill.answered > 0 ? skill.share : 0}
										seed={30 + LESSONS.indexOf(lesson)}
									/>
									<span class="text-14 max-tablet:col-span-2 max-tablet:text-13"
										>{skillWords(skill.share, skill.answered)}{#if skill.answered > 0}<span
												class="text-ink-soft">, {skill.answered}</span
											>{/if}</span
									>
								</a>
							</li>
						{/each}
					</ul>
				</section>
			{/each}
		</div>
		<div class="grid content-start gap-8">
			<div>
				<EyeScale acuity={eyeOf(learner)} />
				<a class={buttonLook({ class: 'no-underline' })} href="/practice/eyes"
					>Eyes beside a reader</a
				>
			</div>
			<section aria-labelledby="heads-title">
				<h2 id="heads-title" class="mb-1 text-15 text-ink-soft">Whole heads</h2>
				<p>
					{worked === 0 ? 'None of the twelve is worked yet.' : `${worked} of the twelve worked.`}
					Read, plan, mix, look, decide and tone against the clock; every decision is looked back at.
				</p>
				<p class="mt-2">
					<a class={buttonLook({ class: 'no-underline' })} href="/practice/heads">Work a head</a>
				</p>
			</section>
			<Sets {learner} />
		</div>
	</div>
{/if}
<Sheet open={adding} title="Somebody else practises" onclose={() => (adding = false)}>
	<NewLearner onmade={() => (adding = false)} />
</Sheet>
