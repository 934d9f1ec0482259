package nodyes.bench;

import java.io.BufferedWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Random;

/** Files of reviews as varied as people's are: few are nearly alike. */
final class SampleFile {
  private static final String[] PRODUCTS = {
    "slate-pot", "celadon-planter", "moss-can", "trowel", "sill-lamp"
  };
  private static final String[] LANGUAGES = {"en", "en", "en", "pt", "de", "es", "fr", "ja"};
  private static final String[] COUNTRIES = {"GB", "PT", "DE", "ES", "FR", "JP", "US"};
  private static final String[] ENGLISH = {
    "the pot",
    "stands",
    "in the wind",
    "and",
    "the saucer",
    "holds",
    "a whole watering",
    "my",
    "rosemary",
    "likes",
    "the glaze",
    "came",
    "well packed",
    "after",
    "nine days",
    "but",
    "one",
    "was chipped",
    "they sent",
    "another",
    "without",
    "a word",
    "heavy",
    "lovely",
    "too small",
    "for",
    "the balcony",
    "I would buy",
    "it again",
    "winter",
    "frost",
    "colour",
    "greener than",
    "the picture",
    "a gift",
    "mother",
    "herbs",
    "deep",
    "drains",
    "slowly",
    "clay",
    "rim",
    "handle"
  };

  /** Words in the language that a row says, as in people's files. */
  private static final Map<String, String[]> OTHERS =
      Map.of(
          "pt",
          ("o vaso,fica,muito bem,na varanda,mas,o prato,não segura,a água,chegou,depois de nove"
                  + " dias,bem embalado,e,uma planta,gosta,da cor,mais verde,do que,na fotografia,um"
                  + " presente,para a minha mãe,comprava outra vez,no inverno,barro,pesado")
              .split(","),
          "de",
          ("der Topf,steht,sehr gut,auf dem Balkon,aber,der Untersetzer,hält,kein Wasser,kam,nach"
                  + " neun Tagen,gut verpackt,und,meine Pflanze,mag,die Farbe,grüner,als,auf dem"
                  + " Bild,ein Geschenk,für meine Mutter,ich würde wieder kaufen,im"
                  + " Winter,Ton,schwer")
              .split(","),
          "es",
          ("la maceta,queda,muy bien,en el balcón,pero,el plato,no aguanta,el agua,llegó,después de"
                  + " nueve días,bien embalada,y,mi planta,quiere,el color,más verde,que,en la"
                  + " foto,un regalo,para mi madre,la compraría otra vez,en invierno,barro,pesada")
              .split(","),
          "fr",
          ("le pot,tient,très bien,sur le balcon,mais,la soucoupe,ne garde pas,l'eau,est"
                  + " arrivé,après neuf jours,bien emballé,et,ma plante,aime,la couleur,plus"
                  + " verte,que,sur la photo,un cadeau,pour ma mère,je l'achèterais encore,en"
                  + " hiver,argile,lourd")
              .split(","),
          "ja",
          ("鉢は,とても,重いです,ベランダに,置きました,受け皿は,水が,漏れません,九日後に,届きました,"
                  + "梱包は,丁寧でした,植物が,よく育ちます,色は,写真より,緑です,母への,贈り物に,"
                  + "また買います,冬でも,割れません")
              .split(","));

  private SampleFile() {}

  /** Writes so many rows; alike for the same seed. */
  static Path write(Path file, int rows, int seed) throws IOException {
    var random = new Random(seed);
    try (BufferedWriter out = Files.newBufferedWriter(file)) {
      out.write("Product,Rating,Title,Words,Reviewer,Date,Language,Country,Source id\n");
      for (int i = 0; i < rows; i++) {
        String language = LANGUAGES[random.nextInt(LANGUAGES.length)];
        out.write(
            "%s,%d,Title %d,\"%s\",Reviewer %d,2026-0%d-%02d,%s,%s,%d-%d%n"
                .formatted(
                    PRODUCTS[i % PRODUCTS.length],
                    1 + random.nextInt(5),
                    i,
                    words(language, random),
                    i,
                    1 + i % 9,
                    1 + i % 28,
                    language,
                    COUNTRIES[random.nextInt(COUNTRIES.length)],
                    seed,
                    i));
      }
    }
    return file;
  }

  private static String words(String language, Random random) {
    var words = new StringBuilder();
    String[] said = OTHERS.getOrDefault(language, ENGLISH);
    for (int i = 8 + random.nextInt(33); i > 0; i--) {
      words.append(said[random.nextInt(said.length)]).append(i == 1 ? "." : " ");
    }
    return words.toString();
  }
}
