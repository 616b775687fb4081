/** How much water and air does this mix hold in this pot, drained and in between? */
package evencistern.media;
