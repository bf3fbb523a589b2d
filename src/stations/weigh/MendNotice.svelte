<script lang="ts">
	import { toleranceOf } from '../../core/mix';
	import type { Shelf } from '../../schema/records';
	import { partName } from '../../wording/bowls';
	import Button from '../../ui/Button.svelte';
	import type { Mixing } from '../../state/mixing.svelte';
	import { shown, tenth } from '../../wording/weigh';

	interface Props {
		mixing: Mixing;
		shelf: Shelf | undefined;
		/** What the parts would have to weigh, in their order. */
		mended: readonly number[];
	}
	let { mixing, mended, shelf }: Props = $props();
	const more = $derived(
		mixing.weighings.flatMap(({ part, poured }, i) => {
			const wanting = mended[i]! - poured;
			return part.kind !== 'additive' && wanting > toleranceOf(mended[i]!, mixing.step)
				? [`${shown(tenth(wanting))} more ${partName(part, shelf)}`]
				: [];
		})
	);
</script>

<section
	class="flex flex-wrap items-center gap-x-4 gap-y-2 border-t-2 border-stop py-3 text-18"
	role="alert"
>
	<p>
		<b>The ratio is off.</b> It comes back with {more.join(' and ') || 'what is in the bowl'}.
	</p>
	<Button primary onclick={() => mixing.mend()}>Bring the ratio back</Button>
	<Button onclick={() => mixing.keepAsItIs()}>Leave it so</Button>
</section>
