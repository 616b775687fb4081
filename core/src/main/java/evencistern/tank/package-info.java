/** What goes into the stock tank for this injector, does it stay dissolved, and how long does it last? */
package evencistern.tank;
