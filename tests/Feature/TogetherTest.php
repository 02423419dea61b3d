<?php

declare(strict_types=1);

namespace Tests\Feature;

use PDO;
use PHPUnit\Framework\TestCase;
use Tests\Hard\Database;

/**
 * Many write at once: whoever tries again is let in, nothing is lost, nothing is written twice. For longer, with figures and without a second try, in
 * `./undro test hard`.
 */
final class TogetherTest extends TestCase
{
    private static Database $shared;
    private Database $database;

    public static function setUpBeforeClass(): void
    {
        self::$shared = new Database('together');
    }

    public static function tearDownAfterClass(): void
    {
        self::$shared->end();
    }

    protected function setUp(): void
    {
        $this->database = self::$shared;
    }

    public function testEightWritersAreAllServedAndEveryAnsweredWriteIsThere(): void
    {
        $written = $this->database->write('all', self::hard() ? 60 : 2);
        self::assertSame([], $written['faults']);
        self::assertSame([], array_diff(array_keys($written['statuses']), [200, 201]), (string) json_encode($written['statuses']));
        foreach ($written['saved'] as $table => $names) {
            $column = ['events' => 'uuid', 'run_marks' => 'uuid'][$table] ?? 'name';
            self::assertSame(
                [],
                array_diff($names, $this->database->column("select $column from $table")),
                "$table: answered as saved, and not there",
            );
        }
        self::assertSame(['ok'], $this->database->column('pragma integrity_check'));
        if (self::hard()) {
            $took = $written['took'];
            $p99 = $took[(int) (0.99 * count($took))];
            fwrite(
                STDERR,
                sprintf(
                    "eight writers, 60 s: %d requests, median %.0f ms, p99 %.0f ms, longest %.0f ms, answered %s\n",
                    count($took),
                    1000 * $took[intdiv(count($took), 2)],
                    1000 * $p99,
                    1000 * max($took),
                    json_encode($written['statuses']),
                ),
            );
            self::assertLessThan(2.0, $p99);
        }
    }

    public function testOfTwoWhoSawTheSameVersionOneAloneGoesOn(): void
    {
        $written = $this->database->write('same', self::hard() ? 10 : 3);
        self::assertSame([], $written['faults']);
        foreach ([
            'versions' => 'select version from reels order by name limit 1',
            'habits' => 'select version from anglers order by id limit 1',
        ] as $of => $sql) {
            $seen = $written['saved'][$of] ?? [];
            self::assertGreaterThan(2, count($seen));
            self::assertSame($seen, array_unique($seen), "$of: a version was changed twice");
        }
        self::assertArrayHasKey(409, $written['statuses'], 'nobody ever came too late: nothing was tried');
    }

    public function testTheSameThingToldByAllOfThemIsThereOnce(): void
    {
        $written = $this->database->write('twice', self::hard() ? 10 : 1.5);
        self::assertSame([], $written['faults']);
        self::assertSame([], array_diff(array_keys($written['statuses']), [200, 201]), (string) json_encode($written['statuses']));
        $told = array_unique($written['saved']['fillers'] ?? []);
        self::assertNotSame([], $told);
        self::assertSame(
            count($told),
            (int) $this->database->column("select count(*) from fillers where name like 'told %'")[0],
            'a filler was made twice',
        );
        self::assertSame(
            [],
            $this->database->column(
                "select id from fillers where name like 'told %' and id not in (select to_id from event_moves where to_kind = 'filler')",
            ),
            'an empty filler was made',
        );
        self::assertSame(
            [],
            $this->database->column('select length_m from line_packs group by line_product_id, length_m having count(*) > 1'),
            'a pack stands twice',
        );
    }

    public function testALookAtAnImportWaitsForNobodyAndATakingLetsOthersIn(): void
    {
        $rows = self::hard() ? 20_000 : 1500;
        $file = "{$this->database->data}/lines.csv";
        file_put_contents(
            $file,
            "name,material,size\n" . implode("\n", array_map(static fn(int $i): string => "Of a list $i,mono,0.3", range(1, $rows))),
        );
        $other = $this->database->pdo();
        $other->setAttribute(PDO::ATTR_ERRMODE, PDO::ERRMODE_EXCEPTION);
        $other->exec('BEGIN IMMEDIATE');
        $began = microtime(true);
        [$exit, $said] = $this->database->run('tests/Hard/import.php', $file, 'look');
        $looked = microtime(true) - $began;
        self::assertSame(0, $exit, $said);
        self::assertSame(['new' => $rows], (array) json_decode($said, true));
        $other->exec('ROLLBACK');
        self::assertSame(
            [0],
            array_map(intval(...), $this->database->column("select count(*) from line_products where name like 'Of a list%'")),
            'a look writes nothing',
        );
        self::assertSame([], glob("{$this->database->data}/scratch-*") ?: []);

        // others come in between: what they see grows while it is taken. Where it is measured, whoever waits for longer than a second fails
        $other->exec('PRAGMA busy_timeout = ' . (self::hard() ? 1000 : 60_000));
        $began = microtime(true);
        $process = $this->database->begin(['tests/Hard/import.php', $file, 'take'], $pipes);
        $waited = [0.0];
        $seen = [];
        while (proc_get_status($process)['running']) {
            $asked = microtime(true);
            $other->exec("UPDATE rods SET name = 'Waited ' || " . count($waited) . ' WHERE id = 1');
            $waited[] = microtime(true) - $asked;
            $seen[] = (int) $this->database->column("select count(*) from line_products where name like 'Of a list%'")[0];
            usleep(5_000);
        }
        $took = microtime(true) - $began;
        self::assertSame(
            ['new' => $rows],
            (array) json_decode((string) stream_get_contents($pipes[1]), true),
            (string) stream_get_contents($pipes[2]),
        );
        self::assertSame(
            [$rows],
            array_map(intval(...), $this->database->column("select count(*) from line_products where name like 'Of a list%'")),
        );
        self::assertNotSame([], array_diff($seen, [0, $rows]), 'nobody came in between');
        self::assertSame(['Waited ' . (count($waited) - 1)], $this->database->column('select name from rods where id = 1'));
        if (self::hard()) {
            fwrite(
                STDERR,
                sprintf(
                    "import of %d rows: look %.1f s, take %.1f s, others waited at most %.0f ms in %d writes\n",
                    $rows,
                    $looked,
                    $took,
                    1000 * max($waited),
                    count($waited),
                ),
            );
        }
    }

    private static function hard(): bool
    {
        return getenv('UNDRO_HARD') === '1';
    }
}
