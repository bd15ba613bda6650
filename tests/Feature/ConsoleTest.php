<?php

declare(strict_types=1);

namespace Tests\Feature;

/** The command line as a program: what it prints where, and how it ends. */
final class ConsoleTest extends TestCase
{
    public function testAnswersAndRefusals(): void
    {
        [$code, $out, $err] = $this->console('15x^2-7x-4', '--method=cross');
        self::assertSame([0, ''], [$code, $err]);
        self::assertStringContainsString('(3x + 1)(5x − 4)', $out);
        [$code, $out, $err] = $this->console('-(x^2-5x+6)', '--format=json');
        self::assertSame([0, ''], [$code, $err]);
        self::assertSame('-(x-2)*(x-3)', json_decode($out, true, flags: \JSON_THROW_ON_ERROR)['answer']['ascii']);
        [$code, $out] = $this->console('--list', '-6x^2+27x-30');
        self::assertSame(0, $code);
        self::assertMatchesRegularExpression('/^factor\n/', $out);
        [$code, $out, $err] = $this->console('(x+1');
        self::assertSame([2, ''], [$code, $out]);
        self::assertMatchesRegularExpression('/^syntax \(character 1\): .*never closed/', $err);
        [$code, $out, $err] = $this->console('(x+1)(x+2)', '--style=times=star');
        self::assertSame([2, ''], [$code, $out]);
        self::assertStringStartsWith('bad-request: ', $err);
        [$code, , $err] = $this->console('(x+1)(x+2)', '--format=pdf');
        self::assertSame(2, $code);
        self::assertStringContainsString('text, json, latex, markdown, speech', $err);
        [$code, , $err] = $this->console();
        self::assertSame(2, $code);
        self::assertStringStartsWith('bad-request: ', $err);
    }

    public function testSpeaksTheHousesWords(): void
    {
        [, $us] = $this->console('8x^2+22x+15', '--method=trial', '--format=speech');
        [, $uk] = $this->console('8x^2+22x+15', '--method=trial', '--format=speech', '--style=words=uk');
        self::assertStringContainsString('open parenthesis 4 x plus 5 close parenthesis', $us);
        self::assertStringContainsString('open bracket 4 x plus 5 close bracket', $uk);
        self::assertStringContainsString('Factorised completely', $uk);
        self::assertStringContainsString('Factored completely', $us);
    }

    public function testItsCompiledCodeIsKeptWhereNobodyElseCanWrite(): void
    {
        self::assertSame(0, $this->console('x^2-9')[0]);
        $folder = storage_path('framework/compiled');
        self::assertSame(0o700, fileperms($folder) & 0o777);
        self::assertCount(1, glob("$folder/*" . base_path('core/Problem/Problem.php.bin')) ?: []);
    }

    /** @return array{int, string, string} exit code, output, errors */
    private function console(string ...$arguments): array
    {
        $process = proc_open([\PHP_BINARY, 'artisan', 'runel:show', ...array_values($arguments)], [[
            'file',
            '/dev/null',
            'r',
        ], ['pipe', 'w'], ['pipe', 'w']], $pipes, base_path());
        self::assertIsResource($process);
        $out = (string) stream_get_contents($pipes[1]);
        $err = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $err];
    }
}
