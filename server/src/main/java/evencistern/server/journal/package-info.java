/** What was done, and how is it undone? */
package evencistern.server.journal;
