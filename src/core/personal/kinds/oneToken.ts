/** Words that follow "my password is" and its like in plain prose, folded, in the languages that are read. */
const PROSE: ReadonlySet<string> = new Set(
  `a an the my your his her our their its this that these those it i we you he she they too so very really not no never always still
   now just only also almost already about at on in to for from of by with as if but and or because when what who how why where
   long short secret hard easy safe unsafe wrong right old new funny silly good bad best strong weak lost gone forgotten private
   broken full empty closed open blocked cool great boring weird difficult simple important unique saved stored written called
   changed set made hidden known kept protected one two three something nothing anything everything mine yours like going being
   been better longer shorter
   der die das ein eine einen mein meine dein deine sein ihr unser es ich wir du er sie zu so sehr nicht kein keine nie immer noch
   jetzt nur auch fast schon an am auf in im fur von mit als wenn aber und oder weil lang kurz geheim schwer leicht sicher falsch
   richtig alt neu lustig gut schlecht stark schwach weg vergessen privat kaputt voll leer offen einfach wichtig langer kurzer
   le la les un une des mon ma mes ton ta son sa notre votre ce cet cette il elle je tu nous vous trop tres pas plus jamais toujours
   encore maintenant seulement aussi presque deja a au aux sur dans de du pour par avec si mais et ou parce long longue court
   courte secret secrete difficile facile faux juste vieux nouveau nouvelle drole bon bonne mauvais fort forte faible perdu perdue
   oublie oubliee prive privee casse simple important
   el los las una unos mi mis tu tus su sus nuestro este esta ese esa yo ella muy no nunca siempre todavia ahora solo tambien casi
   ya en por para con sin si pero y o porque largo larga corto corta secreto secreta dificil facil correcto correcta viejo vieja
   nuevo nueva gracioso buena bueno mala malo fuerte debil perdido olvidada olvidado privada privado rota roto simple importante
   demasiado demasiada`
    .split(/\s+/)
    .filter(Boolean),
);

/** The one token that follows, in quotes or not. */
export const TOKEN = String.raw`["“„«'‘]?(?<detail>[^\s"“”„«»'‘’,;:!?()]{3,64}?)(?=[.,;:!?"”“»'’)]*(?:\s|$))`;

/** Whether a token is a word of plain prose, which is nobody's name and no secret. */
export function isProse(folded: string): boolean {
  return PROSE.has(folded);
}
