/** Does this mix suit this plant in this pot, how old has it grown, and when is it renewed? */
package evencistern.mixlife;
