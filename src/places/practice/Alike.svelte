<script lang="ts">
	import Strand from '../../charts/strand/Strand.svelte';
	import { rgbOf, seenWithout, type Lab } from '../../core/colour';
	import { alikeFor } from '../../core/practice';
	import { eyes } from '../../state/eyes.svelte';
	import EyeChoice from './EyeChoice.svelte';

	const { eye } = $derived(eyes);
	const alike = $derived(eye === 'usual' ? [] : alikeFor(eye));
	const drawn = (lab: Lab, seen: boolean) => ({
		hair: [rgbOf(seen && eye !== 'usual' ? seenWithout(lab, eye) : lab)]
	});
</script>

<h2 class="mt-8 mb-2 text-15 text-ink-soft">Which judgements to leave to a reader</h2>
<EyeChoice />
{#if eye === 'usual'}
	<p class="mt-2 text-14 text-ink-soft">
		Choose the eyes: what they cannot tell apart at one depth stands here, as they see it and as
		others do.
	</p>
{:else if alike.length === 0}
	<p class="mt-2">Nothing of what hair shows looks alike to them.</p>
{:else}
	<ul class="mt-3">
		{#each alike as { one, other, labs }, i (`${one} ${other}`)}
			<li
				class="grid grid-cols-[minmax(0,1fr)_96px_96px] items-center gap-3 border-t border-line py-1"
			>
				<b>{one} and {other}</b>
				{#each [true, false] as seen (seen)}
					<span class="grid h-14 grid-cols-2 gap-1 bg-field px-1" aria-hidden="true">
						{#each labs as lab, k (k)}
							<Strand hanging colours={drawn(lab, seen)} seed={90 + 2 * i + k} label="" />
						{/each}
					</span>
				{/each}
			</li>
		{/each}
	</ul>
	<p class="mt-1 text-13 text-ink-soft">Left as these eyes see them, right as others do.</p>
{/if}
