<script lang="ts">
	import { dropEndPicture, keepEndPicture } from '../../model/commands/picture';
	import { useClock } from '../../state/clock.svelte';
	import { decodePicture, smallCopy } from '../../state/pictureFile';
	import { useRecords } from '../../state/records';
	import { useVisit } from '../../state/visitContext';
	import Button from '../../ui/Button.svelte';
	import { buttonLook } from '../../ui/look';
	import BalancedPicture from '../../widgets/BalancedPicture.svelte';
	import { formatDate } from '../../wording/words';

	const session = useVisit();
	const { workspace } = useRecords();
	const clock = useClock();
	const result = $derived(session.visit.result);
	/** The visit before this one that has a picture of its end. */
	const last = $derived(
		workspace
			.visitsOf(session.visit.clientId)
			.find(({ date, result: { picture } }) => picture !== undefined && date < session.visit.date)
	);
	let pointing = $state(false);
	let problem = $state('');

	async function take(files: FileList | null) {
		const file = files?.[0];
		if (!file) return;
		problem = '';
		const copy = await decodePicture(file).then(smallCopy, () => undefined);
		if (!copy) {
			problem =
				'This is not a picture that this browser can open. Take it as JPEG or PNG; nothing was changed.';
			return;
		}
		workspace.transact('picture of the end', (draft) =>
			keepEndPicture(draft, session.id, copy, clock.now())
		);
		pointing = true;
	}
	const drop = () =>
		workspace.transact('picture of the end removed', (draft) => dropEndPicture(draft, session.id));
</script>

<section aria-labelledby="pictures">
	<h2 id="pictures" class="text-18">Same light, same place</h2>
	<div class="grid grid-cols-2 gap-x-6 pt-1">
		<figure>
			{#if last?.result.picture}
				<BalancedPicture
					id={last.result.picture}
					alt="The end of {formatDate(last.date)}"
					card={last.result.card}
				/>
				<figcaption class="text-14 text-ink-soft">
					{formatDate(last.date)}{last.result.card ? ', by its grey card' : ', as it was taken'}
				</figcaption>
			{:else}
				<p class="text-ink-soft">No earlier picture of this head’s end.</p>
			{/if}
		</figure>
		<figure>
			{#if result.picture}
				<BalancedPicture
					id={result.picture}
					alt="The end of today"
					card={pointing ? undefined : result.card}
					onpoint={pointing
						? (card) => {
								session.change('grey card', (draft) => (draft.result.card = card));
								pointing = false;
							}
						: undefined}
				/>
				<figcaption class="text-14 text-ink-soft">
					{pointing
						? 'Point at the grey card in it.'
						: result.card
							? 'Today, by its grey card'
							: 'Today, as it was taken'}
				</figcaption>
				<div class="flex flex-wrap gap-3 pt-1">
					<Button onclick={() => (pointing = !pointing)}
						>{pointing ? 'No card in it' : 'Grey card'}</Button
					>
					<Button onclick={drop}>Remove</Button>
				</div>
			{:else}
				<label
					class={buttonLook({
						class: 'outline-accent focus-within:outline-3 focus-within:outline-offset-2'
					})}
					>Take a picture<input
						class="absolute h-px w-px opacity-0"
						type="file"
						accept="image/*"
						capture="environment"
						onchange={(e) => void take(e.currentTarget.files)}
					/></label
				>
				<p class="pt-1 text-14 text-ink-soft">
					With a grey card in it. A small copy stays in this record, on this device.
				</p>
			{/if}
			{#if problem}<p role="alert">{problem}</p>{/if}
		</figure>
	</div>
</section>
