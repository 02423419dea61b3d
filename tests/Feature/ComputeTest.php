<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\Fuzz\Good;
use Tests\TestCase;
use Undro\Contract\Compute;
use Undro\Tests\Vectors;

final class ComputeTest extends TestCase
{
    use Vectors;

    private const PLAN = [
        'reel' => ['kind' => 'spinning', 'gear_ratio' => '5,2'],
        'spool' => ['ratings_text' => '0.25/200', 'lip_diameter_mm' => '46 mm', 'traverse_mm' => '17'],
        'main' => ['material' => 'braid', 'size' => 'PE 1', 'length_m' => '150 m'],
        'backing' => ['material' => 'mono', 'size' => '10 lb'],
    ];

    public function testEveryWorkedCaseComesOutOverHttp(): void
    {
        foreach (self::cases() as [$name, $in, $out]) {
            self::assertMatches($out, $this->ask('POST', "/api/compute/$name", $in), $name);
        }
    }

    public function testEveryCalculatorAnswersInTheTypesThatTheContractGivesIt(): void
    {
        self::assertEqualsCanonicalizing(Compute::names(), array_keys(Good::calculators()));
        foreach (Good::calculators() as $name => $case) {
            self::assertNotSame([], $this->ask('POST', "/api/compute/$name", $case), $name);
        }
    }

    public function testAPlanIsAsTheContractHasIt(): void
    {
        $plan = $this->ask('POST', '/api/compute/plan', self::PLAN);
        self::assertSame('derived_arbor', $plan['fill']['source']);
        $this->ask(
            'POST',
            '/api/compute/plan',
            ['open' => 'level', 'spool' => ['ratings_text' => '8/140']] + ['backing' => null] + self::PLAN,
        );
        $this->ask('POST', '/api/compute/plan', ['main' => ['length_m' => 900] + self::PLAN['main']] + self::PLAN);
    }

    public function testABadCaseIsAProblemThatNamesTheField(): void
    {
        $problem = $this->ask('POST', '/api/compute/plan', ['gap_mm' => 'deep'] + self::PLAN, status: 422);
        self::assertSame('gap_mm', $problem['error']['field']);
        self::assertStringContainsString('"deep" can’t be read', $problem['detail']);
        $this->ask('POST', '/api/compute/{name}', [], 'fly', 404);
        $this->call('POST', '/api/compute/fill', content: 'not json')->assertStatus(400);
        $this->call('POST', '/api/compute/fill', content: str_repeat('[', 100) . str_repeat(']', 100))->assertStatus(400);
    }

    public function testTheShellGivesTheSameAndExitsWithTwoOnBadInput(): void
    {
        [$exit, $out] = $this->shell(
            'fill',
            '{"spool": {"ratings_text": "0.25/200"}, "layers": [{"material": "mono", "diameter_mm": 0.25, "length_m": null}]}',
        );
        self::assertSame(0, $exit);
        self::assertEqualsWithDelta(200, json_decode($out, true)['solved']['length_m'], 1e-6);
        foreach ([['fill', '{"spool": {}}'], ['fill', 'nonsense'], ['fly', '{}'], ['', '{}']] as [$name, $case]) {
            [$exit, $out] = $this->shell($name, $case);
            self::assertSame(2, $exit);
            self::assertNotSame('', json_decode($out, true)['error']['message']);
        }
    }

    /** @return array{int, string} */
    private function shell(string $name, string $case): array
    {
        $process = proc_open([PHP_BINARY, base_path('core/compute.php'), $name], [['pipe', 'r'], ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        fwrite($pipes[0], $case);
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);

        return [proc_close($process), $out];
    }
}
