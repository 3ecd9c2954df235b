/** Benchmarks of core, run by {@code scripts/bench}; their last figures stand in docs/benchmarks.md. */
package sectorum.bench;
