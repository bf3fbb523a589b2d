<script lang="ts">
	import { Tooltip } from 'bits-ui';

	interface Props {
		/** What it says, and what it says it of: the act has the same name for those who hear it. */
		words: string;
		of: HTMLElement;
	}
	let { words, of }: Props = $props();
</script>

<Tooltip.Provider>
	<Tooltip.Root open>
		<Tooltip.Portal>
			<Tooltip.Content
				aria-hidden="true"
				customAnchor={of}
				sideOffset={4}
				class="z-50 rounded-box bg-ink px-2 py-1 text-13 text-room forced-colors:border"
				>{words}</Tooltip.Content
			>
		</Tooltip.Portal>
	</Tooltip.Root>
</Tooltip.Provider>
