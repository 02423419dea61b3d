<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;
use Undro\Tests\Contract\RecordedAnswersTest;

/** What may use what; checked by phpat within phpstan. */
final class LayersTest
{
    /** The application's rooms, each standing on some of those before it. */
    private const ROOMS = [
        'Database',
        'Schema',
        'Devices',
        'Models',
        'Ledger',
        'History',
        'Learning',
        'Stock',
        'Upkeep',
        'Drag',
        'Runs',
        'BenchDay',
        'Exchange',
        'Households',
        'Http',
        'Console', 'Providers',
    ];
    /** The core's subjects, each standing on some of those before it. */
    private const SUBJECTS = [
        'Units',
        'Input',
        'Statistics',
        'Line',
        'Spool',
        'Printed',
        'Twist',
        'Habit',
        'Fill',
        'Way',
        'Plan',
        'Knot',
        'Join',
        'Strip',
        'Ledger',
        'Measure', 'Photo',
        'Drag', 'Match', 'Choice', 'Strike', 'Run', 'Allocation', 'Upkeep', 'Trouble', 'Learning', 'Device', 'Practice', 'Lesson', 'Day', 'Json', 'Contract',
    ];

    public function testTheCoreKnowsNothingOfTheApplication(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Undro'))
            // the contract, which is YAML, says what a test may put into each case
            ->excluding(Selector::classname(RecordedAnswersTest::class))
            ->shouldNot()->dependOn()
            ->classes(
                Selector::inNamespace('Illuminate'),
                Selector::inNamespace('App'),
                Selector::inNamespace('Symfony'),
                Selector::inNamespace('Database'),
            )
            ->because('the rules of the job are plain PHP');
    }

    /** @return iterable<Rule> each subject may use those before it; the contract, which is JSON, is known to none */
    public function testTheSubjectsAreATree(): iterable
    {
        $unplaced = array_diff(array_map(basename(...), glob(__DIR__ . '/../../core/src/*', GLOB_ONLYDIR) ?: []), self::SUBJECTS);
        $unplaced === [] || throw new \LogicException('No place in the tree of subjects: ' . implode(', ', $unplaced));
        foreach (self::SUBJECTS as $place => $subject) {
            $later = array_slice(self::SUBJECTS, $place + 1);
            if ($later !== []) {
                yield PHPat::rule()
                    ->classes(Selector::inNamespace("Undro\\$subject"))
                    ->shouldNot()->dependOn()
                    ->classes(...array_map(static fn(string $each): SelectorInterface => Selector::inNamespace("Undro\\$each"), $later))
                    ->because('a subject stands on those before it, see docs/architecture.md');
            }
        }
    }

    public function testUnitsStandOnTheirOwn(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Undro\Units'))
            ->canOnly()->dependOn()
            ->classes(
                Selector::inNamespace('Undro\Units'),
                Selector::classname('Undro\DomainFault'),
                Selector::classname('BackedEnum'),
                Selector::classname('UnitEnum'),
                Selector::classname('DateTimeImmutable'),
                Selector::classname('DateTimeZone'),
            )
            ->because('everything else stands on them');
    }

    public function testTheApplicationKnowsNoStandIn(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App'), Selector::inNamespace('Undro'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('Simulators'))
            ->because('a stand-in is read as a real device would be');
    }

    /** @return iterable<Rule> each room of the application may use those before it */
    public function testTheRoomsAreATree(): iterable
    {
        $unplaced = array_diff(array_map(basename(...), glob(__DIR__ . '/../../app/*', GLOB_ONLYDIR) ?: []), self::ROOMS);
        $unplaced === [] || throw new \LogicException('No place in the tree of rooms: ' . implode(', ', $unplaced));
        foreach (self::ROOMS as $place => $room) {
            $later = array_slice(self::ROOMS, $place + 1);
            if ($later !== []) {
                yield PHPat::rule()
                    ->classes(Selector::inNamespace("App\\$room"))
                    ->shouldNot()->dependOn()
                    ->classes(...array_map(static fn(string $each): SelectorInterface => Selector::inNamespace("App\\$each"), $later))
                    ->because('a room stands on those before it, see docs/architecture.md');
            }
        }
    }

    public function testTheContractServesComputeAlone(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App'))
            ->excluding(Selector::classname('App\Http\Controllers\ComputeController'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('Undro\Contract'))
            ->because('models and services build core objects and receive core results');
    }

    public function testJsonIsReadAndWrittenAtTheEdge(): Rule
    {
        return PHPat::rule()
            ->classes(...array_map(
                static fn(string $room): SelectorInterface => Selector::inNamespace("App\\$room"),
                ['Models', 'History', 'Stock', 'Upkeep', 'Learning', 'BenchDay'],
            ))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('Undro\Json'))
            ->because('what is kept in JSON is read by Ledger, Runs, Drag and Exchange, what is sent by Http');
    }
}
