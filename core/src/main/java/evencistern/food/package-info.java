/** What of its feed does a lot take, is it fit for it, does it get enough nitrogen, and how long does a bag last? */
package evencistern.food;
