/** What was taken into the plan from a reading, and is it done? */
package evencistern.server.todo;
