/** What does this kind of plant want, stand and refuse? */
package evencistern.plant;
