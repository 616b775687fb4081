package evencistern.label;

/** Whether a product is poured or spooned; it decides what "oz", "%" and a spoon mean. */
public enum ProductForm {
    DRY,
    LIQUID
}
