<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** What may use what; checked by phpat within phpstan. */
final class LayersTest
{
    public function testTheCoreKnowsNothingOfTheApplication(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Undro'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('Illuminate'), Selector::inNamespace('App'), Selector::inNamespace('Symfony'), Selector::inNamespace('Database'))
            ->because('the rules of the job are plain PHP');
    }

    public function testSubjectsDoNotKnowTheContract(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Undro'))
            ->excluding(Selector::inNamespace('Undro\Contract'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('Undro\Contract'))
            ->because('JSON is one way in among others');
    }

    public function testUnitsStandOnTheirOwn(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Undro\Units'))
            ->canOnly()->dependOn()
            ->classes(Selector::inNamespace('Undro\Units'), Selector::classname('Undro\DomainFault'), Selector::classname('BackedEnum'), Selector::classname('UnitEnum'), Selector::classname('DateTimeImmutable'), Selector::classname('DateTimeZone'))
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

    public function testModelsDoNotKnowHttp(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Models'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('App\Http'))
            ->because('data flows one way');
    }
}
