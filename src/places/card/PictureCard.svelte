<script lang="ts">
	import { hexOf, labOfTristimulus } from '../../core/colour';
	import { CARD_STEPS, SURFACES } from '../../core/picture';
	import Button from '../../ui/Button.svelte';

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

<main>
	<div class="how no-print">
		<h1 class="figure">A card for pictures</h1>
		<p>
			Laid beside the hair in the same light, it tells what the lamp and the camera did: white and
			grey say the light, all three say how the camera bends it.
		</p>
		<ol>
			<li>
				Plain, matt, white paper: glossy paper shines, coloured paper lies. A laser printer gives
				the best black.
			</li>
			<li>
				Highest quality, colour, 100 % size; in the print window, background graphics on and “photo
				enhancement” off.
			</li>
			<li>
				Let it dry, cut it out, keep it in the dark, print a new one once a year or when it is
				soiled.
			</li>
			<li>
				In the picture it lies flat beside the hair, no shadow and no lamp in it, all of it sharp.
			</li>
		</ol>
		<p class="soft">
			Printers differ: a card tells mid-levels well and dark hair less. Two or three swatches of
			your own ring beside the hair are surer. Where you own a photographer’s grey card, mark that
			as well.
		</p>
		<Button primary onclick={() => print()}>Print the card</Button>
	</div>
	<div class="card" role="img" aria-label="Card with a white, a grey and a black step">
		{#each CARD_STEPS as step (step)}
			<div class="step">
				<span class="ink" style:background={INKS[step]}></span>
				<span class="name">{NAMES[step]}</span>
			</div>
		{/each}
	</div>
</main>

<style>
	main {
		max-width: 760px;
		margin: 0 auto;
		padding: 30px 24px;
	}
	h1 {
		font-size: 34px;
		line-height: 1.1;
		margin-bottom: 12px;
	}
	ol {
		margin: 14px 0;
		padding-left: 1.3em;
		list-style: decimal;
	}
	li {
		margin: 6px 0;
	}
	.soft {
		color: var(--ink-soft);
		margin-bottom: 16px;
	}
	.card {
		display: grid;
		grid-template-columns: repeat(3, minmax(0, 46mm));
		width: fit-content;
		max-width: 100%;
		margin-top: 30px;
		background: #fff;
		border: 0.3mm dashed #777;
	}
	.ink {
		display: block;
		aspect-ratio: 1;
		min-width: 80px;
		print-color-adjust: exact;
	}
	.name {
		display: block;
		padding: 1mm 2mm 2mm;
		font-size: 12px;
		color: #000;
		background: #fff;
	}
	@media print {
		main {
			padding: 0;
			margin: 0;
		}
		.card {
			margin: 10mm;
			grid-template-columns: repeat(3, 46mm);
		}
	}
</style>
