package nodyes.core.nod;

/** What a page shows of a nod: facts and figures, drawn and worded by the shop's script. */
public sealed interface Content permits StarLine.Content, ReviewWall.Content {}
