/** Which amounts of what is on the shelf come nearest to the feed that is wanted? */
package evencistern.blend;
