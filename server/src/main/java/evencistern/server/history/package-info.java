/** What was done, what did it change, and how is a change put back? */
package evencistern.server.history;
