/**
 * Builds the module that carries core into the page: writes the code by which records cross, for where the module runs nothing
 * can be asked about a class, and has all of it compiled to WebAssembly.
 */
package sectorum.tools;
