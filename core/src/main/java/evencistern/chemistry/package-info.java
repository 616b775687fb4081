/** What do the elements weigh, and how much of one is in a compound? */
package evencistern.chemistry;
