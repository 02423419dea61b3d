<?php

declare(strict_types=1);

namespace Undro\Tests\Contract;

use PHPUnit\Framework\TestCase;
use Undro\DomainFault;
use Undro\Input\BadInput;
use Undro\Input\Input;
use Undro\Line\Material;
use Undro\Spool\BadSpool;
use Undro\Units\Diameter;

final class InputTest extends TestCase
{
    public function testAFaultOfTheCoreIsPlacedOnceUnderItsObject(): void
    {
        $inner = Input::of(['spool' => ['lip' => 'x']])->object('spool');
        self::assertSame('spool.arbor_diameter_mm', self::faultOf(static fn() => $inner->make(
            static fn() => throw BadSpool::lipNotLargerThanArbor(Diameter::millimetres(1), Diameter::millimetres(2)),
        ))->field);
        // a fault that is whole already stays as it is, however deep it is thrown through
        self::assertSame('spool.lip', self::faultOf(static fn() => $inner->make(static fn() => $inner->number('lip', 0, 1)))->field);
    }

    public function testEmptyTextIsNoFigureAndZeroIsOne(): void
    {
        $in = Input::of(['a' => '', 'b' => '  ', 'c' => 0, 'd' => '0', 'e' => null]);
        self::assertNull($in->optionalMetres('a', 0, 9));
        self::assertNull($in->optionalMetres('b', 0, 9));
        self::assertSame(0.0, $in->optionalMetres('c', 0, 9)?->inMetres());
        self::assertSame(0.0, $in->optionalMetres('d', 0, 9)?->inMetres());
        self::assertNull($in->optionalMetres('e', 0, 9));
        self::assertTrue($in->mentions('e'));
        self::assertFalse($in->has('e'));
    }

    public function testBoundsHoldInTheCanonicalUnitWhateverIsTyped(): void
    {
        $in = Input::of(['near' => '3 yd', 'far' => '30 yd', 'kg' => '1 kg']);
        self::assertEqualsWithDelta(2.7432, $in->metres('near', 0, 10)->inMetres(), 1e-9);
        self::assertStringContainsString(
            '27.432 m is out of range. Type a value from 0 m to 10 m',
            self::faultOf(static fn() => $in->metres('far', 0, 10))->getMessage(),
        );
        self::assertEqualsWithDelta(9.80665, $in->force('kg', 0, 10)->inNewtons(), 1e-9);
    }

    public function testShapesAreNamed(): void
    {
        $in = Input::of(
            [
                'list' => ['a' => 1],
                'object' => [1, 2],
                'flag' => 'yes',
                'text' => 5,
                'kinds' => ['mono', 'rope'],
                'long' => str_repeat('x', 61),
                'numbers' => [1, 'x'],
            ],
        );
        foreach ([
            ['list', static fn() => $in->objects('list', 0, 5)],
            ['object', static fn() => $in->object('object')],
            ['flag', static fn() => $in->boolean('flag')],
            ['text', static fn() => $in->text('text', 60)],
            ['kinds', static fn() => $in->choices('kinds', Material::class)],
            ['long', static fn() => $in->metres('long', 0, 1)],
            ['numbers', static fn() => $in->numbers('numbers', 0, 9, 'm', 5)],
            ['gone', static fn() => $in->object('gone')],
            ['gone', static fn() => $in->choice('gone', Material::class)],
        ] as [$field, $read]) {
            $fault = self::faultOf($read);
            self::assertInstanceOf(BadInput::class, $fault);
            self::assertSame($field, $fault->field);
        }
    }

    /** @param callable(): mixed $do */
    private static function faultOf(callable $do): DomainFault
    {
        try {
            $do();
        } catch (DomainFault $fault) {
            return $fault;
        }
        self::fail('nothing was refused');
    }
}
