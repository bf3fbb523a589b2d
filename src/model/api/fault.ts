/** A request of the right shape that cannot be answered: what is wrong, where, and what to do. */
export class RequestFault extends Error {
	override readonly name = 'RequestFault';
	constructor(
		/** A code for programs. */
		readonly problem: string,
		/** The field at fault, dotted. */
		readonly path: string,
		message: string
	) {
		super(message);
	}
}
