/**
 * What things are made of, as data: how a material is shaped and bought, what holds it, how many spares it wants, what it
 * brings to the eater, how it dries or sets. A new material is a row of {@link sectorum.material.Material}; whoever needs to
 * know something of one asks for that, never which one it is.
 */
package sectorum.material;
