/** What does this runoff reading say about the root zone, how surely, and what is to be done? */
package evencistern.reading;
