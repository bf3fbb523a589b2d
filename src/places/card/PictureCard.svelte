<script lang="ts">
	import { hexOf, labOfTristimulus } from '../../core/colour';
	import { CARD_STEPS, SURFACES } from '../../core/picture';
	import Button from '../../ui/Button.svelte';
	import { printPage } from '../../ui/paper.svelte';

	/** The paper itself is the white: nothing is printed there. */
	const INKS = {
		cardWhite: '#ffffff',
		cardGrey: grey(SURFACES.cardGrey.luminance),
		cardBlack: '#000000'
	};
	const NAMES = { cardWhite: 'white', cardGrey: 'grey', cardBlack: 'black' } as const;
	function grey(luminance: number): string {
		return hexOf(labOfTristimulus({ x: luminance, y: luminance, z: luminance }));
	}
</script>

<main class="mx-auto max-w-190 px-6 py-8 print:m-0 print:p-0">
	<div class="no-print">
		<h1 class="mb-3 figure text-40 leading-tight">A card for pictures</h1>
		<p>
			Laid beside the hair in the same light, it tells what the lamp and the camera did: white and
			grey say the light, all three say how the camera bends it.
		</p>
		<ol class="my-3 list-decimal pl-5">
			<li class="my-1.5">
				Plain, matt, white paper: glossy paper shines, coloured paper lies. A laser printer gives
				the best black.
			</li>
			<li class="my-1.5">
				Highest quality, colour, 100 % size; in the print window, background graphics on and “photo
				enhancement” off.
			</li>
			<li class="my-1.5">
				Let it dry, cut it out, keep it in the dark, print a new one once a year or when it is
				soiled.
			</li>
			<li class="my-1.5">
				In the picture it lies flat beside the hair, no shadow and no lamp in it, all of it sharp.
			</li>
		</ol>
		<p class="mb-4 text-ink-soft">
			Printers differ: a card tells mid-levels well and dark hair less. Two or three swatches of
			your own ring beside the hair are surer. Where you own a photographer’s grey card, mark that
			as well.
		</p>
		<Button primary onclick={printPage}>Print the card</Button>
	</div>
	<div
		class="mt-8 grid w-fit max-w-full grid-cols-[repeat(3,minmax(0,46mm))] border border-dashed border-edge bg-white print:m-9 print:grid-cols-[repeat(3,46mm)]"
		role="img"
		aria-label="Card with a white, a grey and a black step"
	>
		{#each CARD_STEPS as step (step)}
			<div>
				<span class="block aspect-square min-w-20 print-exact" style:background={INKS[step]}></span>
				<span class="block bg-white px-2 pt-1 pb-2 text-13 text-black">{NAMES[step]}</span>
			</div>
		{/each}
	</div>
</main>
