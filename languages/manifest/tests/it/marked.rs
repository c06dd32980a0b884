//! Manifests: little ones with marks.

use rstest::rstest;
use testkit::marked::{check, compiles};

#[rstest]
#[case::rules(&[
    ("Makefile", "include rules.mk\n⟦CAVE:CAVE⟧ := north\n«CAVE=CAVE» += more\n\n.PHONY: «all=all» clean\n⟦all:all⟧: «board=board» src/a.o | «out=out»\n\techo $(«CAVE=CAVE») $(«FLAGS=FLAGS») $(call «greet=greet»,x)\n\n⟦board:board⟧: «all=rack.txt»\n\t$(MAKE) -C lib «lib=lib»\n⟦out:out⟧ ⟦rack:rack.txt⟧:\n\tmkdir -p $@\n"),
    ("rules.mk", "⟦FLAGS:FLAGS⟧ ?= -O2\ndefine ⟦greet:greet⟧\nhello $(1) $(«CAVE~CAVE»)\nendef\n%.o: %.c\n\t$(CC) -c $<\n"),
    ("lib/Makefile", "⟦lib:lib⟧:\n\ttrue\n"),
    ("src/a.c", "int a;\n"),
])]
#[case::images(&[
    ("Dockerfile", "# Builds.\nARG ⟦V:VERSION⟧=1\nFROM rust:${«V=VERSION»} AS ⟦build:build⟧\nENV ⟦HOME2:LARDER⟧=/larder\nRUN echo $«HOME2=LARDER» \\\n  $OTHER\nFROM «build=build» AS ⟦test:test⟧\nFROM scratch\nCOPY --from=«test=test» /a /b\n"),
])]
#[case::services(&[
    ("compose.yaml", "services:\n  ⟦db:db⟧:\n    image: pg\n    volumes:\n      - «data=data»:/var/lib\n  ⟦web:web⟧:\n    depends_on: [«db=db»]\n    networks:\n      - «inner=inner»\nvolumes:\n  ⟦data:data⟧: {}\nnetworks:\n  ⟦inner:inner⟧:\n"),
])]
#[case::scripts(&[
    ("package.json", "{\n\t\"name\": \"board\",\n\t\"scripts\": {\n\t\t\"⟦build:build⟧\": \"tsc && npm run «check=check»\",\n\t\t\"⟦check:check⟧\": \"eslint .\",\n\t\t\"⟦all:all⟧\": \"yarn «build=build» && npm-run-all «check=check»\"\n\t}\n}\n"),
])]
#[case::interfaces(&[
    ("openapi.yaml", "openapi: 3.0.0\npaths:\n  /racks:\n    get:\n      operationId: ⟦list:listRacks⟧\n      responses:\n        '200':\n          content:\n            application/json:\n              schema: { $ref: '#/components/schemas/«Rack=Rack»' }\ncomponents:\n  schemas:\n    ⟦Rack:Rack⟧:\n      properties:\n        wheel: { $ref: \"#/components/schemas/«Wheel=Wheel»\" }\n    ⟦Wheel:Wheel⟧: {}\n"),
])]
fn names_of_manifests(#[case] files: &[(&str, &str)]) {
    let plain: Vec<(String, String)> = files.iter().map(|(p, t)| ((*p).to_owned(), t.replace("«all=rack.txt»", "rack.txt"))).collect();
    let plain: Vec<(&str, &str)> = plain.iter().map(|(p, t)| (p.as_str(), t.as_str())).collect();
    check(&plain);
    if plain.iter().any(|f| f.0 == "Makefile") {
        compiles(&plain, &["make", "-n", "clean=1", "out"], &[]);
    }
}
