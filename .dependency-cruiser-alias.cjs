/** Tells the layer check where `$lib` is. */
module.exports = {
	resolve: { alias: { $lib: require('node:path').resolve(__dirname, 'src/lib') } }
};
