/** How much does this pot hold, how wide is it at each height, and how heavy is it when wet? */
package evencistern.pot;
