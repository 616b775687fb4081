/** How much salt is in the pot, by what went in and out? */
package evencistern.salt;
