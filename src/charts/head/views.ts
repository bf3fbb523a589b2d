import type { AreaName } from '../../core/lift';

/** One drawing of the head, 100 × 120 units; areas back to front, so that later ones lie on top. */
export interface HeadDrawing {
	readonly name: 'left' | 'top' | 'back' | 'right';
	/** Skin: what is drawn in line only. */
	readonly outline: string;
	readonly areas: readonly { readonly area: AreaName; readonly path: string }[];
}

/**
 * The head as the person behind the chair has it: the back towards them, the top with the face away,
 * so that left is left in every drawing but the profile of the right side.
 */
const PROFILE = {
	outline:
		'M29 52 C24 54 20 58 16 64 C13 69 9 72 10 74 C11 76 14 75 14 77 C14 79 12 79 13 81 C14 83 15 83 14 86 C13 91 16 94 23 94 C31 94 36 95 40 99 C43 104 43 112 42 119 M79 96 C79 104 80 112 83 119',
	hairline:
		'M24 50 C23 39 26 29 33 21 L41 29 C36 35 34 42 35 51 L43 60 C45 62 45 66 44 71 L38 76 C38 70 36 65 33 60 Z',
	fringe: 'M33 21 C38 15 44 11 51 9 L54 24 C49 25 44 26 41 29 Z',
	top: 'M51 9 C59 7 67 8 74 12 L69 27 C64 24 59 23 54 24 Z',
	crown: 'M74 12 C84 17 91 26 94 38 L76 44 C75 37 73 31 69 27 Z',
	side: 'M35 51 C34 42 36 35 41 29 C44 26 49 25 54 24 C59 23 64 24 69 27 C73 31 75 37 76 44 L74 62 L62 64 C59 56 50 55 48 62 C46 61 44 60 43 60 Z',
	back: 'M94 38 C96 50 95 61 91 73 L73 76 L74 62 L76 44 Z',
	nape: 'M91 73 C88 82 85 89 81 97 L64 92 C62 88 61 82 61 76 C63 72 63 68 62 64 L74 62 L73 76 Z'
} as const;

const profile = (name: 'left' | 'right'): HeadDrawing => ({
	name,
	outline: PROFILE.outline,
	areas: [
		{ area: 'hairline', path: PROFILE.hairline },
		{ area: 'fringe', path: PROFILE.fringe },
		{ area: 'top', path: PROFILE.top },
		{ area: 'crown', path: PROFILE.crown },
		{ area: name === 'left' ? 'leftSide' : 'rightSide', path: PROFILE.side },
		{ area: 'back', path: PROFILE.back },
		{ area: 'nape', path: PROFILE.nape }
	]
});

export const HEAD_DRAWINGS: readonly HeadDrawing[] = [
	profile('left'),
	{
		name: 'top',
		outline: 'M46 11 C47 6 49 4 50 4 C51 4 53 6 54 11',
		areas: [
			{
				area: 'hairline',
				path: 'M22 40 C25 22 36 11 50 11 C64 11 75 22 78 40 L71 41 C68 27 61 19 50 19 C39 19 32 27 29 41 Z'
			},
			{ area: 'fringe', path: 'M29 41 C32 27 39 19 50 19 C61 19 68 27 71 41 L64 47 L36 47 Z' },
			{ area: 'top', path: 'M36 47 L64 47 L68 76 L32 76 Z' },
			{ area: 'leftSide', path: 'M22 40 L29 41 L36 47 L32 76 L24 85 C16 72 17 55 22 40 Z' },
			{ area: 'rightSide', path: 'M78 40 L71 41 L64 47 L68 76 L76 85 C84 72 83 55 78 40 Z' },
			{ area: 'crown', path: 'M32 76 L68 76 L76 85 C69 96 60 100 50 100 C40 100 31 96 24 85 Z' },
			{
				area: 'back',
				path: 'M31 93 C42 102 58 102 69 93 C63 105 57 108 50 108 C43 108 37 105 31 93 Z'
			}
		]
	},
	{
		name: 'back',
		outline: 'M36 98 C37 106 36 112 31 119 M64 98 C63 106 64 112 69 119',
		areas: [
			{
				area: 'top',
				path: 'M29 20 C35 12 42 9 50 9 C58 9 65 12 71 20 C64 24 57 26 50 26 C43 26 36 24 29 20 Z'
			},
			{
				area: 'crown',
				path: 'M29 20 C36 24 43 26 50 26 C57 26 64 24 71 20 C77 27 80 34 80 42 L72 52 C57 56 43 56 28 52 L20 42 C20 34 23 27 29 20 Z'
			},
			{ area: 'leftSide', path: 'M20 42 L28 52 L30 76 L23 82 C16 70 16 54 20 42 Z' },
			{ area: 'rightSide', path: 'M80 42 L72 52 L70 76 L77 82 C84 70 84 54 80 42 Z' },
			{ area: 'back', path: 'M28 52 C43 56 57 56 72 52 L70 76 C57 80 43 80 30 76 Z' },
			{
				area: 'nape',
				path: 'M30 76 C43 80 57 80 70 76 L77 82 C73 91 69 97 63 101 C54 104 46 104 37 101 C31 97 27 91 23 82 Z'
			}
		]
	},
	profile('right')
];
