/** How much water and feed does this lot get, when next, and which rule says so? */
package evencistern.plan;
