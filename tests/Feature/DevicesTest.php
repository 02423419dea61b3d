<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Devices\CounterProtocol;
use App\Devices\DeviceBoard;
use App\Devices\DeviceLost;
use App\Devices\KitchenProtocol;
use App\Devices\Protocol;
use App\Devices\Reading;
use App\Devices\ScaleProtocol;
use App\Devices\SocketDevice;
use Simulators\PulledDrag;
use Simulators\Roller;
use Simulators\WeighedFiller;
use Tests\TestCase;
use Undro\Practice\SimulatedDrag;
use Undro\Units\Force;

require_once __DIR__ . '/../../simulators/StandIn.php';
require_once __DIR__ . '/../../simulators/Roller.php';
require_once __DIR__ . '/../../simulators/PulledDrag.php';
require_once __DIR__ . '/../../simulators/WeighedFiller.php';

/** The line counter and the scale by their adapter, against the stand-ins and against devices that misbehave. */
final class DevicesTest extends TestCase
{
    /** @var resource|null */
    private $simulator;
    private int $port = 0;

    protected function tearDown(): void
    {
        if ($this->simulator !== null) {
            proc_terminate($this->simulator, SIGKILL);
            proc_close($this->simulator);
            $this->simulator = null;
        }
        app(DeviceBoard::class)->clear();
        parent::tearDown();
    }

    public function testTheStandInIsReadAsARealOneWouldBe(): void
    {
        $counter = $this->standIn();
        $first = $this->reading($counter);
        self::assertTrue($first->standIn);
        self::assertEqualsWithDelta(0, $first->figures['metres'], 1e-9);
        $counter->tell('SIM PULL 50');
        $this->reading($counter);
        $after = $this->reading($counter);
        self::assertSame($first->session, $after->session);
        self::assertGreaterThanOrEqual(50 * 0.98 - 0.01, $after->figures['metres'], 'it slips by two per cent at most');
        self::assertLessThanOrEqual(50, $after->figures['metres']);
    }

    public function testALossIsSeenWithinTwoSeconds(): void
    {
        $counter = $this->standIn();
        $this->reading($counter);
        self::assertNotNull($this->simulator);
        proc_terminate($this->simulator, SIGKILL);
        $killed = microtime(true);
        try {
            while (microtime(true) - $killed < 3) {
                $counter->heard();
            }
            self::fail('nothing was noticed');
        } catch (DeviceLost) {
            self::assertLessThan(2.0, microtime(true) - $killed);
        }
    }

    public function testADeviceThatFallsSilentOrTalksNonsenseIsLost(): void
    {
        foreach (['' => 'silent', str_repeat('x', 5000) => 'nonsense'] as $says => $why) {
            $server = stream_socket_server('tcp://127.0.0.1:0');
            self::assertIsResource($server);
            $counter = SocketDevice::at('tcp://' . stream_socket_get_name($server, false), new CounterProtocol());
            self::assertNotNull($counter);
            $client = stream_socket_accept($server);
            self::assertIsResource($client);
            fwrite(
                $client,
                "HELLO line-counter 1 pulses=24 roller_mm=20.0 standin=0 session=a\nsomething a later version says\nP 240\n$says",
            );
            $reading = null;
            try {
                for ($try = 0; $try < 30; ++$try) {
                    $reading = $counter->heard() ?? $reading;
                }
                self::fail("not noticed: $why");
            } catch (DeviceLost $lost) {
                self::assertStringContainsString($why, $lost->getMessage());
                self::assertEqualsWithDelta(
                    10 * M_PI * 0.02,
                    $reading?->figures['metres'] ?? ($why === 'nonsense' ? 10 * M_PI * 0.02 : 0),
                    1e-9,
                );
            }
        }
    }

    public function testTheBoardTellsWhatWasHeardAndWhenItGoesStale(): void
    {
        self::assertSame('none', $this->ask('GET', '/api/devices/counter')['state']);
        $board = app(DeviceBoard::class);
        $board->write('counter', $this->reading($this->standIn()));
        self::assertSame('here', $this->ask('GET', '/api/devices/counter')['state']);
        $this->ask('POST', '/api/devices/counter', ['do' => 'pull', 'amount' => 12.5]);
        $this->ask('POST', '/api/devices/counter', ['do' => 'stop']);
        self::assertSame(['SIM PULL 12.500', 'SIM STOP'], $board->toSay('counter'));
        $this->ask('POST', '/api/devices/counter', ['do' => 'dance'], status: 422);
        $this->ask('POST', '/api/devices/counter', ['do' => 'run'], status: 422);
        usleep(1_300_000);
        self::assertSame('lost', $this->ask('GET', '/api/devices/counter')['state'], 'the process that writes may be gone too');
        $board->write('counter', null);
        $gone = $this->ask('GET', '/api/devices/counter');
        self::assertSame('lost', $gone['state']);
        self::assertNotNull($gone['metres'], 'what it had counted is still known');
        $this->ask('POST', '/api/devices/counter', ['do' => 'stop'], status: 409);
    }

    public function testARollerThatSticksCountsNothingWhileLinePasses(): void
    {
        $roller = new Roller(5);
        $roller->told('SIM PULL 10');
        $before = $roller->pulses();
        self::assertSame('OK', $roller->told('SIM STALL 60'));
        $roller->told('SIM PULL 10');
        self::assertSame($before, $roller->pulses());
        self::assertEqualsWithDelta(20, $roller->passed(), 1e-9);
        self::assertStringStartsWith('ERR', $roller->told('SIM JUMP 3'));
    }

    public function testItsSlipStaysBetweenNoneAndTwoPerCentWhateverTheSeed(): void
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            $roller = new Roller($seed);
            for ($pull = 0; $pull < 100; ++$pull) {
                $roller->told('SIM PULL 2');
            }
            $counted = $roller->pulses() / Roller::PULSES_PER_TURN * M_PI * Roller::MM / 1000;
            self::assertGreaterThan(200 * 0.98 - 0.01, $counted);
            self::assertLessThanOrEqual(200, $counted);
        }
    }

    public function testAPullOfTheStandInScaleIsReadOutOfItsStream(): void
    {
        $scale = $this->standIn('scale', new ScaleProtocol());
        self::assertSame(0, $this->reading($scale)->figures['pulls']);
        foreach (['SIM DRAG 24', 'SIM TARGET 15', 'SIM KNOB 0.5'] as $command) {
            $scale->tell($command);
        }
        $made = SimulatedDrag::drawn(24, Force::newtons(15));
        $read = $this->pulled($scale, 1);
        self::assertTrue($read->standIn);
        self::assertEqualsWithDelta($made->running(0.5)->inNewtons(), $read->figures['running_N'], 0.1 * 15);
        self::assertEqualsWithDelta($made->stickiness, $read->figures['start_up_N'] / $read->figures['running_N'], 0.12);
        $scale->tell('SIM RISE 1.4');
        $risen = $this->pulled($scale, 2);
        self::assertEqualsWithDelta(1.4, $risen->figures['running_N'] / $made->running(0.5)->inNewtons(), 0.15);
        $scale->tell('SIM HOLD 1');
        $held = $this->pulled($scale, 3);
        self::assertNull($held->figures['running_N'], 'a held needle shows nothing but its peak');
        self::assertGreaterThan(0, $held->figures['start_up_N']);
    }

    public function testTheScaleIsOnTheBoardBesideTheCounter(): void
    {
        self::assertSame('none', $this->ask('GET', '/api/devices/scale')['state']);
        $this->ask('POST', '/api/devices/scale', ['do' => 'pull'], status: 409);
        $board = app(DeviceBoard::class);
        $board->write('scale', $this->reading($this->standIn('scale', new ScaleProtocol())));
        $scale = $this->ask('GET', '/api/devices/scale');
        self::assertSame('here', $scale['state']);
        self::assertSame('none', $this->ask('GET', '/api/devices/counter')['state']);
        $this->ask('POST', '/api/devices/scale', ['do' => 'knob', 'amount' => -1.25]);
        $this->ask('POST', '/api/devices/scale', ['do' => 'pull']);
        self::assertSame([], $board->toSay('counter'));
        self::assertSame(['SIM KNOB -1.250', 'SIM PULL'], $board->toSay('scale'));
        $this->ask('POST', '/api/devices/scale', ['do' => 'knob'], status: 422);
        $this->ask('POST', '/api/devices/scale', ['do' => 'stall', 'amount' => 1], status: 422);
        $board->write('scale', null);
        self::assertSame('lost', $this->ask('GET', '/api/devices/scale')['state']);
    }

    public function testTheKitchenScaleIsReadOnceItRests(): void
    {
        $protocol = new KitchenProtocol();
        $filler = new WeighedFiller();
        self::assertNull($protocol->understand('G 80 REST'), 'nothing before it has said what it is');
        self::assertNull($protocol->understand($filler->hello('s1')));
        self::assertSame('OK', $filler->told('SIM LOAD 81'));
        $swinging = $protocol->understand($filler->shows(0.1));
        self::assertFalse($swinging?->figures['rests']);
        $rests = $protocol->understand($filler->shows(3.0));
        self::assertSame([81.0, true], [$rests?->figures['grams'], $rests?->figures['rests']]);
        self::assertStringStartsWith('ERR', $filler->told('SIM LOAD much'));
        foreach (['G', 'G 81.5', 'g 81', 'F 3'] as $nonsense) {
            self::assertNull($protocol->understand($nonsense));
        }
        $board = app(DeviceBoard::class);
        $board->write('kitchen', $rests);
        self::assertSame(81, (int) $this->ask('GET', '/api/devices/kitchen')['grams']);
        $this->ask('POST', '/api/devices/kitchen', ['do' => 'load', 'amount' => 62]);
        self::assertSame(['SIM LOAD 62.000'], $board->toSay('kitchen'));
    }

    public function testTheStandInScaleSaysWhatItWouldUnderstand(): void
    {
        $drag = new PulledDrag(3);
        self::assertStringStartsWith('ERR', $drag->told('SIM JUMP'));
        self::assertSame('OK', $drag->told('SIM HOLD 1'));
        self::assertSame('OK', $drag->told('SIM PULL'));
        self::assertMatchesRegularExpression('/^F [1-9]\d*\.\d\d HOLD$/', array_map($drag->shows(...), range(1.0, 4.0))[3]);
        self::assertStringStartsWith('HELLO pull-scale 1 standin=1', $drag->hello('abc'));
    }

    private function pulled(SocketDevice $scale, int $number): Reading
    {
        $scale->tell('SIM PULL');
        $until = microtime(true) + 5;
        while (microtime(true) < $until) {
            $reading = $scale->heard();
            if ($reading !== null && ($reading->figures['pulls'] ?? 0) === $number) {
                return $reading;
            }
        }
        self::fail("pull $number was not read");
    }

    private function standIn(string $name = 'counter', Protocol $protocol = new CounterProtocol()): SocketDevice
    {
        $server = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($server);
        $this->port = (int) substr((string) strrchr((string) stream_socket_get_name($server, false), ':'), 1);
        fclose($server);
        $simulator = proc_open(
            ['php', base_path("simulators/$name.php"), '--port', (string) $this->port, '--seed', '7'],
            [2 => ['file', '/dev/null', 'w']],
            $pipes,
        );
        self::assertIsResource($simulator);
        $this->simulator = $simulator;
        for ($try = 0; $try < 100; ++$try) {
            $counter = SocketDevice::at("tcp://127.0.0.1:$this->port", $protocol);
            if ($counter !== null) {
                return $counter;
            }
            usleep(50_000);
        }
        self::fail('the stand-in did not start');
    }

    private function reading(SocketDevice $counter): Reading
    {
        for ($try = 0; $try < 30; ++$try) {
            $reading = $counter->heard();
            if ($reading !== null) {
                return $reading;
            }
        }
        self::fail('nothing was heard');
    }
}
