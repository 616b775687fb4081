/** Which recipes, of what is at hand, meet these wishes, and if none does, which wish stands in the way? */
package evencistern.wish;
