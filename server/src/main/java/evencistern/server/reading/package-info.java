/** What did the meter say, and what follows? */
package evencistern.server.reading;
