/** How much of this feed goes into this can and this pot, what does that give, and what will the meter say? */
package evencistern.feed;
