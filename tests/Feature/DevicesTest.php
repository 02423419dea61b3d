<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Devices\DeviceBoard;
use App\Devices\DeviceLost;
use App\Devices\SocketCounter;
use Simulators\Roller;
use Tests\TestCase;

require_once __DIR__ . '/../../simulators/Roller.php';

/** The line counter by its adapter, against the stand-in and against devices that misbehave. */
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
        self::assertEqualsWithDelta(0, $first->counted->inMetres(), 1e-9);
        $counter->tell('SIM PULL 50');
        $this->reading($counter);
        $after = $this->reading($counter);
        self::assertSame($first->session, $after->session);
        self::assertGreaterThanOrEqual(50 * 0.98 - 0.01, $after->counted->inMetres(), 'it slips by two per cent at most');
        self::assertLessThanOrEqual(50, $after->counted->inMetres());
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
            $counter = SocketCounter::at('tcp://' . stream_socket_get_name($server, false));
            self::assertNotNull($counter);
            $client = stream_socket_accept($server);
            self::assertIsResource($client);
            fwrite($client, "HELLO line-counter 1 pulses=24 roller_mm=20.0 standin=0 session=a\nsomething a later version says\nP 240\n$says");
            $reading = null;
            try {
                for ($try = 0; $try < 30; ++$try) {
                    $reading = $counter->heard() ?? $reading;
                }
                self::fail("not noticed: $why");
            } catch (DeviceLost $lost) {
                self::assertStringContainsString($why, $lost->getMessage());
                self::assertEqualsWithDelta(10 * M_PI * 0.02, $reading?->counted->inMetres() ?? ($why === 'nonsense' ? 10 * M_PI * 0.02 : 0), 1e-9);
            }
        }
    }

    public function testTheBoardTellsWhatWasHeardAndWhenItGoesStale(): void
    {
        self::assertSame('none', $this->ask('GET', '/api/devices/counter')['state']);
        $board = app(DeviceBoard::class);
        $board->write($this->reading($this->standIn()));
        self::assertSame('here', $this->ask('GET', '/api/devices/counter')['state']);
        $this->ask('POST', '/api/devices/counter', ['do' => 'pull', 'amount' => 12.5]);
        $this->ask('POST', '/api/devices/counter', ['do' => 'stop']);
        self::assertSame(['SIM PULL 12.500', 'SIM STOP'], $board->toSay());
        $this->ask('POST', '/api/devices/counter', ['do' => 'dance'], status: 422);
        $this->ask('POST', '/api/devices/counter', ['do' => 'run'], status: 422);
        usleep(1_300_000);
        self::assertSame('lost', $this->ask('GET', '/api/devices/counter')['state'], 'the process that writes may be gone too');
        $board->write(null);
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

    private function standIn(): SocketCounter
    {
        $server = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($server);
        $this->port = (int) substr((string) strrchr((string) stream_socket_get_name($server, false), ':'), 1);
        fclose($server);
        $simulator = proc_open(['php', base_path('simulators/counter.php'), '--port', (string) $this->port, '--seed', '7'], [2 => ['file', '/dev/null', 'w']], $pipes);
        self::assertIsResource($simulator);
        $this->simulator = $simulator;
        for ($try = 0; $try < 100; ++$try) {
            $counter = SocketCounter::at("tcp://127.0.0.1:$this->port");
            if ($counter !== null) {
                return $counter;
            }
            usleep(50_000);
        }
        self::fail('the stand-in did not start');
    }

    private function reading(SocketCounter $counter): \App\Devices\CounterReading
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
