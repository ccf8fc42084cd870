/**
 * Kitchen units and the grammar of ingredient lines: from what a cook types to a food and its mass.
 *
 * <pre>
 * line     = remark | heading | serves | amount food {note} | food ("," | ":" | "-") amount {note} | food
 * remark   = "#" words                          heading = words ":"
 * serves   = ("serves" | "makes") number words
 * amount   = [about] (measured | counted | vague)
 * measured = number [form] unit ["(" measured ")"] ["/" measured] {("plus" | "and") measured}
 *            a form may stand before the number, and a unit by itself is one of it; a weight stated behind the food,
 *            "(about 30 g)", ", 150 g", "(30 g each)", stands instead of a guessed one
 * counted  = number ["x"] [size] [piece | pack]         2 (400 g) cans, 2 x 400 g cans, 1 14-oz can, 2-inch piece
 * vague    = ["a"] [good | small] (pinch | dash | splash | knob | handful | …) | "to taste" | "a few"
 * number   = 2 | 1.5 | 1,5 | ½ | 1/2 | 1 1/2 | 1½ | 1-1/2 | 2–3 | 2 to 3 | a | half | a dozen
 * form     = heaped | rounded | level | scant | packed
 * note     = "," words | "(" words ")" | "#" words
 * </pre>
 *
 * What a line leaves open (which vinegar, how big a splash) is counted by a guess and said as a {@link
 * app.gradior.measure.Doubt}; what can't be counted is said to be unclear. Every word of a line is in
 * one {@link app.gradior.measure.LinePart}; one that nothing accounts for is unread, and asked after.
 */
package app.gradior.measure;
