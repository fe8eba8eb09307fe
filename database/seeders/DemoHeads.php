<?php

declare(strict_types=1);

namespace Database\Seeders;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Simulation\Habits;
use Nagomi\Core\Treatments\CleanseKind;

/** The invented clients of the two invented salons. Nobody here is real. */
final class DemoHeads
{
    /** @return list<DemoHead> the harbour-town studio */
    public static function saltlight(): array
    {
        return [
            new DemoHead(
                'Solvei Okonjo-Brandt',
                new Head(
                    self::parts(Porosity::Medium, StrandDiameter::Fine, [Zone::Crown, Zone::Centre, Zone::Back]),
                    210,
                    45,
                    StylingLoad::Medium,
                    lengthMm: 410,
                    sections: 5,
                    method: new Method(['mask-heat' => 'cap-or-hood', 'pre-wash' => 'oil']),
                ),
                new Habits(maskEvery: 3, clarifyEvery: 5, preWash: 'oil', startBuildUp: 22, missed: 0.15),
                [
                    'ring_mm' => 6.5,
                    'strand_um' => 58,
                    'density' => 'high',
                    'goals' => 'Length, and a crown that is not dry on day two.',
                    'hair_history' => 'Natural for six years; trims twice a year.',
                ],
                11,
                trainee: 'Quim Adeyemi-Solberg',
            ),
            new DemoHead(
                'Tamar Lindqvist-Rao',
                new Head(
                    self::parts(Porosity::High, StrandDiameter::Medium),
                    310,
                    55,
                    StylingLoad::Light,
                    swims: true,
                    lengthMm: 300,
                    sections: 4,
                    washEveryDays: 5,
                    method: new Method(['pre-wash' => 'conditioner']),
                ),
                new Habits(
                    maskEvery: 1,
                    strongEvery: 5,
                    clarifyEvery: 4,
                    visitEvery: 3,
                    preWash: 'conditioner',
                    startWear: 20,
                ),
                [
                    'ring_mm' => 15,
                    'strand_um' => 70,
                    'density' => 'medium',
                    'goals' => 'Swim in open water all winter and keep the ends.',
                    'chemical_history' => 'None.',
                ],
                12,
                'Quim Adeyemi-Solberg',
            ),
            new DemoHead(
                'Hanneke Abara',
                new Head(
                    self::parts(Porosity::Medium, StrandDiameter::Medium),
                    180,
                    72,
                    StylingLoad::Heavy,
                    lengthMm: 260,
                    sections: 4,
                ),
                new Habits(
                    maskEvery: 1,
                    strongEvery: 4,
                    clarifyEvery: 11,
                    visitEvery: 2,
                    cleanse: CleanseKind::Gentle,
                    startBuildUp: 20,
                ),
                [
                    'ring_mm' => 7,
                    'strand_um' => 66,
                    'density' => 'high',
                    'goals' => 'A style that lasts through the bakery’s heat.',
                ],
                13,
                trainee: 'Quim Adeyemi-Solberg',
            ),
            new DemoHead(
                'Dilys Fontaine-Mbeki',
                new Head(
                    self::grownOut(Porosity::Medium, StrandDiameter::Fine),
                    90,
                    50,
                    StylingLoad::Medium,
                    lengthMm: 350,
                    sections: 6,
                    method: new Method(['pre-wash' => 'oil', 'snapping-hair' => 'protein-first']),
                ),
                new Habits(
                    maskEvery: 1,
                    strongEvery: 6,
                    clarifyEvery: 6,
                    preWash: 'oil',
                    startProtein: 46,
                    startWear: 24,
                ),
                [
                    'ring_mm' => 18,
                    'strand_um' => 54,
                    'density' => 'medium',
                    'goals' => 'Grow the bleach out without cutting it all.',
                    'chemical_history' => 'Bleached to the ends until fourteen months ago.',
                ],
                14,
                'Wren Takala-Osei',
            ),
            new DemoHead(
                'Bea Marchetti-Oyelaran',
                new Head(
                    self::parts(Porosity::Medium, StrandDiameter::Fine),
                    120,
                    50,
                    StylingLoad::Light,
                    soreScalp: true,
                    lengthMm: 380,
                    sections: 4,
                    method: new Method(['tools' => 'fingers']),
                ),
                new Habits(
                    maskEvery: 1,
                    strongEvery: 5,
                    clarifyEvery: 0,
                    cleanse: CleanseKind::Gentle,
                    tool: 'fingers',
                ),
                [
                    'ring_mm' => 22,
                    'strand_um' => 52,
                    'density' => 'low',
                    'born_on' => 14,
                    'guardian_name' => 'Luca Marchetti-Oyelaran',
                    'allergies' => 'Reacts to strong fragrance.',
                    'health_notes' => 'Scalp tender behind the left ear since the autumn; seen by her clinic.',
                ],
                15,
            ),
            new DemoHead(
                'Aurel Castellane',
                new Head(
                    self::parts(Porosity::Low, StrandDiameter::Medium),
                    110,
                    45,
                    StylingLoad::Light,
                    lengthMm: 220,
                    sections: 3,
                    minutesLimit: 75,
                    method: new Method(['mask-heat' => 'cap-or-hood', 'oils' => 'none']),
                ),
                new Habits(maskEvery: 1, strongEvery: 5, clarifyEvery: 5, maskMinutes: 15, heat: true, leavesOut: 0.5),
                [
                    'ring_mm' => 27,
                    'strand_um' => 68,
                    'density' => 'medium',
                    'goals' => 'Dry by six: the cello plays at seven.',
                ],
                16,
                'Quim Adeyemi-Solberg',
            ),
            new DemoHead(
                'Noor Haddad-Vance',
                new Head(
                    self::parts(Porosity::Low, StrandDiameter::Fine),
                    70,
                    50,
                    StylingLoad::Medium,
                    proteinSensitive: true,
                    lengthMm: 330,
                    sections: 4,
                    method: new Method(['protein' => 'avoided', 'mask-heat' => 'cap-or-hood']),
                ),
                new Habits(
                    maskEvery: 1,
                    strongEvery: 9,
                    clarifyEvery: 5,
                    heat: true,
                    startMoisture: 70,
                    startProtein: 50,
                ),
                [
                    'ring_mm' => 12,
                    'strand_um' => 56,
                    'density' => 'medium',
                    'hair_history' => 'Turns to straw after anything with hydrolysed wheat.',
                    'allergies' => 'Wheat proteins.',
                ],
                17,
            ),
            new DemoHead(
                'Padma Eriksdotter-Lowe',
                new Head(
                    self::parts(Porosity::Medium, StrandDiameter::Coarse),
                    140,
                    45,
                    StylingLoad::Medium,
                    lengthMm: 290,
                    sections: 4,
                ),
                new Habits(maskEvery: 2, strongEvery: 2, clarifyEvery: 6, startProtein: 70, startWear: 18),
                [
                    'ring_mm' => 10,
                    'strand_um' => 84,
                    'density' => 'high',
                    'goals' => 'Find out why it is hard however much it is moisturised.',
                ],
                18,
                'Wren Takala-Osei',
            ),
            new DemoHead(
                'Rui Tanaka-Holm',
                new Head(
                    self::parts(Porosity::Low, StrandDiameter::Coarse),
                    160,
                    50,
                    StylingLoad::Medium,
                    lengthMm: 200,
                    sections: 8,
                    washEveryDays: 14,
                    method: new Method([
                        'tools' => 'fingers',
                        'pre-wash' => 'oil',
                        'mask-heat' => 'cap-or-hood',
                        'detangling' => 'dry-with-oil',
                    ]),
                ),
                new Habits(
                    maskEvery: 1,
                    strongEvery: 4,
                    clarifyEvery: 3,
                    visitEvery: 2,
                    heat: true,
                    preWash: 'oil',
                    tool: 'fingers',
                    seal: true,
                ),
                [
                    'bends_without_ring' => true,
                    'strand_um' => 88,
                    'density' => 'high',
                    'goals' => 'Keep the length between braids.',
                    'hair_history' => 'Braids came out last week after five weeks in.',
                    'tender_edges' => true,
                ],
                19,
            ),
            new DemoHead(
                'Ono Kealoha-Strand',
                new Head(
                    self::parts(Porosity::Medium, StrandDiameter::Medium),
                    95,
                    60,
                    StylingLoad::Medium,
                    lengthMm: 450,
                    sections: 5,
                    method: new Method(['cleansing' => 'alternate-co-wash']),
                ),
                new Habits(maskEvery: 2, strongEvery: 5, clarifyEvery: 6, cleanse: CleanseKind::LowLather, missed: 0.2),
                [
                    'ring_mm' => 30,
                    'strand_um' => 72,
                    'density' => 'medium',
                    'health_notes' => 'Gave birth in the summer; sheds more since, her clinic says it is usual.',
                    'asthma_or_pregnant' => true,
                ],
                20,
                'Quim Adeyemi-Solberg',
            ),
            new DemoHead(
                'Sefa Lindgaard',
                new Head(
                    self::threeStrata(),
                    130,
                    50,
                    StylingLoad::Medium,
                    lengthMm: 340,
                    sections: 6,
                    method: new Method(['pre-wash' => 'mix']),
                ),
                new Habits(maskEvery: 1, strongEvery: 5, clarifyEvery: 4, preWash: 'mix'),
                [
                    'ring_mm' => 9,
                    'strand_um' => 64,
                    'density' => 'high',
                    'chemical_history' => 'Ends coloured two years ago.',
                ],
                21,
                'Wren Takala-Osei',
            ),
            new DemoHead(
                'Aune Silveira-Holt',
                new Head(
                    self::parts(Porosity::High, StrandDiameter::Fine),
                    60,
                    40,
                    StylingLoad::Heavy,
                    lengthMm: 310,
                    sections: 4,
                    method: new Method(['cleansing' => 'alternate-co-wash', 'oils' => 'seal']),
                ),
                new Habits(
                    maskEvery: 1,
                    strongEvery: 0,
                    clarifyEvery: 8,
                    cleanse: CleanseKind::CoWash,
                    seal: true,
                    startWear: 22,
                ),
                [
                    'ring_mm' => 20,
                    'strand_um' => 50,
                    'density' => 'low',
                    'goals' => 'Rings that spring back as they used to.',
                ],
                22,
                trainee: 'Quim Adeyemi-Solberg',
            ),
            new DemoHead(
                'Thandeka Iversen',
                new Head(
                    self::parts(Porosity::Low, StrandDiameter::Fine),
                    130,
                    50,
                    StylingLoad::Medium,
                    lengthMm: 240,
                    sections: 6,
                    washEveryDays: 10,
                    method: new Method(['pre-wash' => 'oil', 'mask-heat' => 'cap-or-hood']),
                ),
                new Habits(maskEvery: 2, strongEvery: 3, clarifyEvery: 7, heat: true, preWash: 'oil', startBuildUp: 26),
                [
                    'ring_mm' => 4,
                    'strand_um' => 57,
                    'density' => 'high',
                    'goals' => 'Twists that stay soft for ten days.',
                ],
                23,
                'Wren Takala-Osei',
            ),
            new DemoHead(
                'Milo Achterberg-Nunes',
                new Head(
                    self::parts(Porosity::Medium, StrandDiameter::Fine),
                    150,
                    50,
                    StylingLoad::Light,
                    lengthMm: 140,
                    sections: 3,
                    washEveryDays: 5,
                    minutesLimit: 45,
                ),
                new Habits(maskEvery: 4, strongEvery: 9, clarifyEvery: 0, visitEvery: 4, cleanse: CleanseKind::Shampoo),
                ['ring_mm' => 34, 'strand_um' => 50, 'density' => 'low', 'goals' => 'Ready in the morning without a fuss.'],
                24,
                'Quim Adeyemi-Solberg',
            ),
            new DemoHead(
                'Ragna Paredes',
                new Head(
                    self::parts(Porosity::Low, StrandDiameter::Coarse, [Zone::Front, Zone::Edges]),
                    320,
                    45,
                    StylingLoad::Medium,
                    lengthMm: 310,
                    sections: 4,
                    method: new Method(['mask-heat' => 'cap-or-hood']),
                ),
                new Habits(maskEvery: 2, strongEvery: 3, clarifyEvery: 10, startBuildUp: 30, startProtein: 66),
                [
                    'ring_mm' => 14,
                    'strand_um' => 92,
                    'density' => 'medium',
                    'goals' => 'Grey that shines and does not stand off.',
                    'hair_history' => 'Stopped colouring three years ago; all of it has grown out.',
                ],
                25,
            ),
            new DemoHead(
                'Chidi Halvorsen-Reis',
                new Head(
                    self::parts(Porosity::Medium, StrandDiameter::Coarse),
                    140,
                    55,
                    StylingLoad::Medium,
                    lengthMm: 90,
                    sections: 4,
                    method: new Method(['scalp' => 'bare']),
                ),
                new Habits(maskEvery: 2, strongEvery: 6, clarifyEvery: 8, seal: true),
                ['ring_mm' => 5, 'strand_um' => 86, 'density' => 'high', 'goals' => 'A scalp that does not flake on dark shirts.'],
                26,
                'Quim Adeyemi-Solberg',
            ),
            new DemoHead(
                'Elowen Batista',
                new Head(
                    self::parts(Porosity::High, StrandDiameter::Fine),
                    90,
                    60,
                    StylingLoad::Light,
                    swims: true,
                    lengthMm: 420,
                    sections: 5,
                    washEveryDays: 6,
                    method: new Method(['oils' => 'seal', 'pre-wash' => 'conditioner']),
                ),
                new Habits(
                    maskEvery: 3,
                    strongEvery: 8,
                    clarifyEvery: 5,
                    visitEvery: 3,
                    preWash: 'conditioner',
                    seal: true,
                    startMoisture: 44,
                    startWear: 26,
                ),
                [
                    'ring_mm' => 24,
                    'strand_um' => 53,
                    'density' => 'medium',
                    'goals' => 'Sea from May to October, and ends that do not split.',
                    'chemical_history' => 'Lightened by the sun only.',
                ],
                27,
                trainee: 'Quim Adeyemi-Solberg',
            ),
            new DemoHead(
                'Kerensa Owusu-Dahl',
                new Head(
                    self::grownOut(Porosity::Medium, StrandDiameter::Medium),
                    110,
                    50,
                    StylingLoad::Medium,
                    lengthMm: 280,
                    sections: 6,
                    washEveryDays: 8,
                    method: new Method(['snapping-hair' => 'protein-first', 'tools' => 'fingers']),
                ),
                new Habits(
                    maskEvery: 2,
                    strongEvery: 7,
                    clarifyEvery: 6,
                    tool: 'fingers',
                    startProtein: 44,
                    startWear: 28,
                ),
                [
                    'ring_mm' => 11,
                    'strand_um' => 68,
                    'density' => 'high',
                    'goals' => 'Grow the relaxer out; cut it little by little.',
                    'chemical_history' => 'Relaxed until two years ago.',
                ],
                28,
                'Wren Takala-Osei',
            ),
            new DemoHead(
                'Juno Salazar-Birk',
                new Head(
                    self::parts(Porosity::Medium, StrandDiameter::Fine),
                    140,
                    50,
                    StylingLoad::Light,
                    lengthMm: 260,
                    sections: 4,
                    minutesLimit: 60,
                    method: new Method(['tools' => 'fingers']),
                ),
                new Habits(maskEvery: 2, strongEvery: 0, clarifyEvery: 0, cleanse: CleanseKind::Gentle, tool: 'fingers'),
                [
                    'ring_mm' => 13,
                    'strand_um' => 49,
                    'density' => 'medium',
                    'born_on' => 9,
                    'guardian_name' => 'Petra Salazar-Birk',
                    'goals' => 'Combing without tears before school.',
                ],
                29,
                months: 14,
            ),
            new DemoHead(
                'Tove Mensah',
                new Head(
                    self::parts(Porosity::High, StrandDiameter::Coarse, [Zone::Nape]),
                    170,
                    45,
                    StylingLoad::Heavy,
                    lengthMm: 330,
                    sections: 6,
                    washEveryDays: 9,
                    method: new Method(['cleansing' => 'two-passes', 'oils' => 'seal']),
                ),
                new Habits(maskEvery: 2, strongEvery: 4, clarifyEvery: 5, seal: true, startBuildUp: 28, startWear: 18),
                [
                    'ring_mm' => 8,
                    'strand_um' => 87,
                    'density' => 'high',
                    'goals' => 'Big hair that keeps its shape in the wind.',
                ],
                30,
                'Wren Takala-Osei',
                months: 11,
            ),
            new DemoHead(
                'Ibai Lundgren-Sow',
                new Head(
                    self::parts(Porosity::High, StrandDiameter::Medium),
                    120,
                    50,
                    StylingLoad::Heavy,
                    lengthMm: 180,
                    sections: 4,
                ),
                new Habits(maskEvery: 1, startMoisture: 40, startProtein: 48, startBuildUp: 24, startWear: 22),
                [
                    'ring_mm' => 17,
                    'strand_um' => 66,
                    'density' => 'medium',
                    'chemical_history' => 'Bleached once, last winter.',
                ],
                33,
                'Quim Adeyemi-Solberg',
                months: 6,
            ),
            new DemoHead(
                'Marisol Eide',
                new Head(
                    self::threeStrata(),
                    200,
                    50,
                    StylingLoad::Medium,
                    lengthMm: 380,
                    sections: 5,
                ),
                new Habits(startMoisture: 48, startProtein: 52, startWear: 16),
                [
                    'ring_mm' => 19,
                    'strand_um' => 63,
                    'density' => 'medium',
                    'goals' => 'One head of hair that feels like one.',
                ],
                34,
                months: 3,
            ),
            new DemoHead(
                'Anneke Diallo-Fonn',
                new Head(
                    self::parts(Porosity::Low, StrandDiameter::Medium),
                    190,
                    50,
                    StylingLoad::Heavy,
                    lengthMm: 270,
                    sections: 4,
                    method: new Method(['mask-heat' => 'cap-or-hood']),
                ),
                new Habits(startMoisture: 62, startProtein: 64, startBuildUp: 38),
                [
                    'ring_mm' => 21,
                    'strand_um' => 70,
                    'density' => 'high',
                    'goals' => 'Hair that takes up anything at all.',
                ],
                35,
                'Wren Takala-Osei',
                months: 1,
            ),
            // Comes for the first time today: nothing is known but what was asked on the telephone.
            new DemoHead(
                'Saga Obuya-Hart',
                new Head(self::parts(Porosity::Medium, StrandDiameter::Medium), 150, 50),
                new Habits(),
                ['goals' => 'Curls as in the years before the flat iron.'],
                36,
                'Quim Adeyemi-Solberg',
                months: 0,
            ),
        ];
    }

    /** @return list<DemoHead> the other salon, whose heads the first must never see */
    public static function tidewater(): array
    {
        return [
            new DemoHead(
                'Jory Amadi-Penrose',
                new Head(self::parts(Porosity::Medium, StrandDiameter::Medium), 200, 50),
                new Habits(),
                ['ring_mm' => 16, 'strand_um' => 69, 'density' => 'medium'],
                31,
                'Maren Cho-Bell',
            ),
            new DemoHead(
                'Ysolde Nakata-Ruiz',
                new Head(self::parts(Porosity::High, StrandDiameter::Coarse), 200, 50, washEveryDays: 10),
                new Habits(maskEvery: 2),
                ['ring_mm' => 5, 'strand_um' => 90, 'density' => 'high'],
                32,
                'Maren Cho-Bell',
            ),
        ];
    }

    /**
     * @param list<Zone> $low zones of low porosity
     *
     * @return list<ZonePart>
     */
    private static function parts(Porosity $porosity, StrandDiameter $strand, array $low = []): array
    {
        return array_map(
            fn (Zone $zone): ZonePart => new ZonePart(
                $zone,
                Part::Length,
                in_array($zone, $low, true) ? Porosity::Low : $porosity,
                $strand,
            ),
            Zone::cases(),
        );
    }

    /** @return list<ZonePart> new growth beside bleached lengths */
    private static function grownOut(Porosity $roots, StrandDiameter $strand): array
    {
        $parts = [];
        foreach (Zone::cases() as $zone) {
            $parts[] = new ZonePart($zone, Part::Root, $roots, $strand);
            $parts[] = new ZonePart($zone, Part::Length, Porosity::High, $strand, true);
        }

        return $parts;
    }

    /** @return list<ZonePart> */
    private static function threeStrata(): array
    {
        $of = [
            Porosity::High->value => [Zone::Edges, Zone::Front, Zone::Nape],
            Porosity::Low->value => [Zone::Crown, Zone::Centre],
            Porosity::Medium->value => [Zone::Left, Zone::Right, Zone::Back],
        ];
        $parts = [];
        foreach ($of as $porosity => $zones) {
            foreach ($zones as $zone) {
                $parts[] = new ZonePart(
                    $zone,
                    Part::Length,
                    Porosity::from($porosity),
                    StrandDiameter::Medium,
                    $porosity === 'high',
                );
            }
        }

        return $parts;
    }
}
