/** When is a lot next watered and fed, how much does it get, and which rule says so? */
package evencistern.plan;
