<script lang="ts">
	import { TEXTURE_SPEED } from '../../core/hair';
	import type { TextureFit } from '../../core/learn';
	import { TEXTURES } from '../../core/vocabulary';
	import { takeTextureRate } from '../../model/commands/learning';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import { say } from '../../ui/say.svelte';

	interface Props {
		fits: readonly TextureFit[];
	}
	let { fits }: Props = $props();
	const { workspace } = useRecords();
	const rows = $derived(
		TEXTURES.map((texture) => ({
			texture,
			fit: fits.find((one) => one.texture === texture),
			taken: workspace.shelf?.textureRates?.[texture]
		}))
	);
	function take({ texture, fitted, published }: TextureFit) {
		const step = workspace.transact(`rate of ${texture} hair taken`, (draft) =>
			takeTextureRate(draft.shelf(workspace.shelf!.id), texture, fitted / published)
		);
		say(`Predictions of ${texture} hair go by your own heads from now on.`, () =>
			workspace.undo(step)
		);
	}
	function leave(texture: TextureFit['texture']) {
		const step = workspace.transact(`rate of ${texture} hair as published`, (draft) =>
			takeTextureRate(draft.shelf(workspace.shelf!.id), texture, undefined)
		);
		say(`Predictions of ${texture} hair go by the published rate again.`, () =>
			workspace.undo(step)
		);
	}
	const rate = (value: number) => value.toFixed(2);
</script>

<section class="mt-6 border-t border-line pt-4" aria-labelledby="constants">
	<h2 id="constants" class="text-18">How fast each texture lifts here</h2>
	<p class="max-w-173 text-ink-soft">
		Fitted to heads of this salon, and tried on each of them with that one left out. Nothing changes
		until you take it.
	</p>
	<ul>
		{#each rows as { texture, fit, taken } (texture)}
			<li
				class="grid items-center gap-x-6 gap-y-1 border-b border-line py-2 tablet:grid-cols-[84px_minmax(0,1fr)_auto]"
			>
				<b>{texture}</b>
				<p>
					{#if fit}
						Published {rate(fit.published)}; your {fit.heads} heads say
						<b class="figure">{rate(fit.fitted)}</b> (± {Math.round(100 * fit.sd)} %). A head nobody has
						seen would be missed by {rate(fit.errorAfter)} level instead of {rate(fit.errorBefore)}.
						{#if !fit.worth}<span class="text-ink-soft">Too little to be worth taking.</span>{/if}
					{:else}
						<span class="text-ink-soft"
							>Published {rate(TEXTURE_SPEED[texture])}. Fewer than four heads were seen: nothing to
							fit yet.</span
						>
					{/if}
					{#if taken !== undefined}<span class="block text-14"
							>Taken: {rate(TEXTURE_SPEED[texture] * taken)} is in use.</span
						>{/if}
				</p>
				<div class="flex gap-3">
					{#if taken !== undefined}<Button onclick={() => leave(texture)}>As published</Button>{/if}
					{#if fit?.worth && (taken === undefined || Math.abs(taken - fit.fitted / fit.published) > 0.01)}
						<Button onclick={() => take(fit)}>Take {rate(fit.fitted)}</Button>
					{/if}
				</div>
			</li>
		{/each}
	</ul>
</section>
