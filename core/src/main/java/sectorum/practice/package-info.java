/**
 * Rehearsing, for learners and teachers: exercises out of a seed, the same for whoever has the number, judged by the arithmetic
 * that plans are reckoned with. An exercise never asks what the program would not reckon itself.
 */
package sectorum.practice;
