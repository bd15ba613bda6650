<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Example;
use App\Shelf\Shelf;
use App\Shelf\ShelfUnavailable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Runel\Demonstration\Answer\ExpressionAnswer;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Demonstration\TaskReference;
use Runel\Expression\Numeral;
use Runel\Job\Multiply\MultiplyFamily;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Method\Families;
use Runel\Method\Family;
use Runel\Method\Incidents;
use Runel\Method\Method;
use Runel\Style\HouseStyle;

/** What happens when something goes wrong: the reader is told where they are, and nothing else is taken down. */
final class FailurePathsTest extends TestCase
{
    /** @return iterable<array{string, string, string}> */
    public static function refusals(): iterable
    {
        yield ['0(x+1)', 'out-of-reach', 'is 0, so the whole product is 0'];
        yield ['0x(x+1)', 'out-of-reach', 'is 0, so the whole product is 0'];
        yield ['(0)(x+2)(x+3)', 'out-of-reach', 'is 0, so the whole product is 0'];
        yield ['(x^4+x^3+x^2+x+1)^6', 'too-large', 'single products'];
        yield ['(a+b+c+d+f+g+h)(k+l+m)', 'too-large', 'different letters'];
        yield ['(x+1)(x+2', 'syntax', 'never closed'];
    }

    #[DataProvider('refusals')]
    public function testEveryFaceRefusesInWords(string $typed, string $code, string $words): void
    {
        $log = $this->logged();
        foreach (['/', '/board', '/print', '/two-ways', '/runel.tex'] as $path) {
            $response = $this->get("$path?" . http_build_query(['problem' => $typed, 'house' => 1]));
            self::assertContains($response->getStatusCode(), $path === '/' ? [200, 422] : [422], $path);
            self::assertStringContainsString($words, self::visible(
                (string) $response->getContent(),
            ), "the reason stands on the bench: $path");
            self::assertStringContainsString(
                'id="problem"',
                (string) $response->getContent(),
                "what was typed is kept: $path",
            );
        }
        self::assertStringContainsString($words, self::visible((string) $this->get(
            '/reading?' . http_build_query(['problem' => $typed]),
        )->assertOk()->getContent()));
        $this->getJson(
            '/api/demonstrations?' . http_build_query(['problem' => $typed]),
        )->assertStatus(422)->assertJsonPath('error.code', $code);
        $this->get(
            '/board?' . http_build_query(['problem' => $typed]),
            ['HX-Request' => 'true'],
        )->assertStatus(422)->assertHeader('HX-Redirect');
        self::assertSame(2, Artisan::call('runel:show', ['problem' => $typed]));
        self::assertSame($log, $this->logged(), 'a refusal is no incident');
    }

    public function testOneMethodThatFailsTakesNothingElseDown(): void
    {
        $this->swapCatalogue(self::failing());
        $before = $this->logged();
        $text = self::visible((string) $this->get('/?problem=' . rawurlencode('(x+1)(x+2)'))->assertOk()->getContent());
        self::assertStringContainsString('The clearest picture for a first look', ucfirst(
            str_replace('A small grid of four cells: the', 'The', $text),
        ));
        self::assertStringContainsString('Something went wrong while this was worked out', $text);
        $this->get('/board?' . http_build_query(['problem' => '(x+1)(x+2)', 'method' => 'columns']))
            ->assertStatus(422)->assertSee('Something went wrong while this was worked out');
        $this->get('/board?' . http_build_query(['problem' => '(x+1)(x+2)', 'method' => 'grid']))->assertOk();
        self::assertGreaterThan($before, $this->logged());
        $written = (string) file_get_contents(storage_path('logs/runel.log'));
        self::assertStringContainsString('"problem":"(x+1)(x+2)","method":"multiply.columns","style":[]', $written);
        self::assertStringContainsString('LogicException: a defect', $written);
    }

    public function testWhatIsNotProvedIsNeverShownAndTheReasonStandsOnTheBench(): void
    {
        $this->swapCatalogue(self::unproved());
        foreach (['/board', '/print', '/runel.md'] as $path) {
            $response = $this->get("$path?" . http_build_query(
                ['problem' => '(x+1)(x+2)', 'method' => 'columns'],
            ))->assertStatus(422);
            $response->assertSee('could not prove every line');
            self::assertStringContainsString('value="(x+1)(x+2)"', (string) $response->getContent());
        }
        $this->getJson('/api/demonstrations?' . http_build_query(['problem' => '(x+1)(x+2)', 'method' => 'columns']))
            ->assertStatus(422)->assertJsonPath('error.code', 'out-of-reach');
    }

    public function testTheBatchGoesOnWhateverALineIs(): void
    {
        $lines = [
            "\u{FEFF}" . '{"problem":"0(x+1)"}', '{"problem":"(x+1)(x+2)","method":"grid"}', 'nonsense',
            '{"problem":"(x+1)(x+2)","colour":"red"}',
            '{"problem":7}', '{"problem":"(x+1)(x+2)(x+3)","choices":{"first":"9-3"}}',
            '{"problem":"(x+1)(x+2)","choices":{"dance":"yes"}}',
            '{"problem":"8x^2+22x+15","style":{"favourite":"cross"}}',
            '{"problem":"(x+1)(x+2)","style":{"times":["dot"]}}', '',
            '{"problem":"(x-3)(x+8)"}',
        ];
        $process = proc_open([\PHP_BINARY, 'artisan', 'runel:show', '--batch'], [
            ['pipe', 'r'],
            ['pipe', 'w'],
            ['pipe', 'w'],
        ], $pipes, base_path());
        self::assertIsResource($process);
        fwrite($pipes[0], implode("\n", $lines));
        fclose($pipes[0]);
        $out = array_map(
            static fn(string $line): mixed => json_decode($line, true, flags: \JSON_THROW_ON_ERROR),
            explode("\n", trim((string) stream_get_contents($pipes[1]))),
        );
        self::assertSame('', stream_get_contents($pipes[2]));
        self::assertSame(0, proc_close($process));
        self::assertSame(
            [
                'out-of-reach',
                null,
                'bad-request',
                'bad-request',
                'bad-request',
                'bad-request',
                'bad-request',
                null,
                'bad-request',
                null,
            ],
            array_map(static fn(array $answer): ?string => $answer['error']['code'] ?? null, $out),
        );
        self::assertSame('cross', $out[7]['method'], 'the favourite is the default');
        self::assertStringContainsString('1-2, 1-3, 2-3', $out[5]['error']['message']);
    }

    public function testTheBenchLivesWithoutItsShelf(): void
    {
        DB::connection()->getSchemaBuilder()->drop('examples');
        $this->get(
            '/?problem=' . rawurlencode('(x+1)(x+2)'),
        )->assertOk()->assertSee('The shelf cannot be read just now')->assertSee('Grid');
        $kept = $this->followed($this->post('/examples', ['problem' => '(x+4)(x-4)']));
        $kept->assertSee('The shelf could not be changed')->assertSee('value="(x+4)(x-4)"', false);
        $this->followed($this->delete('/examples/3'))->assertOk()->assertSee('The shelf could not be changed');
        $this->expectException(ShelfUnavailable::class);
        app(Shelf::class)->keep(self::reference(), '');
    }

    public function testTheShelfHoldsItsLimitAndForgivesDeletingTwice(): void
    {
        Example::query()->delete();
        Example::factory()->count(199)->create();
        self::assertTrue(app(Shelf::class)->keep(self::reference(), 'the last one'));
        self::assertFalse(app(Shelf::class)->keep(self::reference(), 'one too many'));
        self::assertSame(200, Example::query()->count());
        $this->followed($this->post('/examples', ['problem' => '(x+1)(x+2)']))->assertSee('holds 200 problems');
        $id = Example::query()->firstOrFail()->id;
        $this->delete("/examples/$id")->assertRedirect('/');
        $this->delete("/examples/$id")->assertRedirect('/');
        self::assertSame(199, Example::query()->count());
    }

    public function testAnEmptiedShelfStaysEmpty(): void
    {
        self::assertGreaterThan(10, Example::query()->count());
        Example::query()->delete();
        Artisan::call('db:seed', ['--force' => true]);
        self::assertSame(0, Example::query()->count());
    }

    public function testATaskIsStoredAndComesBackAsItWas(): void
    {
        $reference = new TaskReference(
            '(x+1)(x+2)(x-3)',
            'multiply',
            'grid',
            HouseStyle::of(['times' => 'cross']),
            ['first' => '1-3'],
        );
        $example = Example::query()->create(['shelf' => 'own', 'task' => $reference, 'note' => '', 'position' => 1]);
        self::assertSame('(x+1)(x+2)(x-3)', $example->refresh()->task->read, 'its reading is kept beside it');
        self::assertEquals($reference->toBeKept(), $example->task);
        self::assertEquals($reference, TaskReference::fromArray($reference->toArray()));
        DB::table('examples')->where('id', $example->id)->update(['task' => 'no longer JSON']);
        self::assertSame('no longer JSON', $example->refresh()->task->problem, 'a damaged row still has a text');
        $this->get('/')->assertOk()->assertSee('no longer JSON');
    }

    /** What was kept opens as it was read then; what has no reading beside it and is refused now stays to be seen. */
    public function testWhatIsKeptOutlivesTheReader(): void
    {
        $keep = static function (string $problem, ?string $read): void {
            $task = ['problem' => $problem, 'job' => 'multiply', 'method' => 'term-by-term', 'style' => []];
            DB::table('examples')->insert([
                'shelf' => 'own',
                'task' => json_encode($task + array_filter(['read' => $read])),
                'note' => '',
                'position' => 1,
            ]);
        };
        $keep('multiply (x+2) bye (x+3)', '(x+2)(x+3)(x+4)');
        $keep('multiply (x+2) bye (x+5)', null);
        $html = (string) $this->get('/')->assertOk()->assertSee('multiply (x+2) bye (x+5)')->getContent();
        $link = '#href="(/board\?problem=' . preg_quote(rawurlencode('(x+2)(x+3)(x+4)'), '#') . '[^"]*)"#';
        self::assertSame(1, preg_match($link, $html, $match), 'it opens as it was read');
        $this->get(html_entity_decode($match[1]))->assertOk()->assertSee('Term by term');
    }

    public function testOnlyKnownHostsAreAnswered(): void
    {
        config(['runel.hosts' => ['board.example']]);
        foreach ([
            'http://localhost/' => 200,
            'http://127.0.0.1:8000/' => 200,
            'http://[::1]/' => 200,
            'http://192.168.1.7/' => 200,
            'http://board.example/' => 200,
        ] as $url => $status) {
            self::assertSame($status, $this->get($url)->getStatusCode(), $url);
        }
        $this->get(
            'http://rebound.example/',
        )->assertStatus(400)->assertSee('does not answer under this name')->assertDontSee('The shelf');
        $this->getJson(
            'http://rebound.example/api/demonstrations',
        )->assertStatus(400)->assertJsonPath('error.code', 'bad-request');
    }

    public function testWrongAddressesHaveTheirOwnPages(): void
    {
        $this->get('/nowhere')->assertNotFound()->assertSee('There is nothing at this address');
        $this->put('/board')->assertStatus(405)->assertSee('cannot be used that way');
        $this->getJson('/api/nowhere')->assertNotFound()->assertExactJson([
            'error' => ['code' => 'bad-request', 'message' => 'There is nothing at this address.', 'at' => null],
        ]);
        $this->putJson('/api/demonstrations')->assertStatus(405)->assertJsonPath('error.code', 'bad-request');
        foreach ([400, 404, 405, 419, 500, 503] as $status) {
            self::assertStringContainsString('class="masthead"', view("errors.$status")->render(), (string) $status);
        }
    }

    public function testPagesThatSayAllInTheirAddressAreKept(): void
    {
        $query = ['problem' => '(x+1)(x+2)', 'method' => 'grid', 'house' => 1];
        $paths = ['/board', '/print', '/figure.svg', '/runel.json', '/two-ways', '/letters', '/api/demonstrations'];
        foreach ($paths as $path) {
            $url = "$path?" . http_build_query($query + ($path === '/api/demonstrations' ? [] : ['step' => 3]));
            $first = $this->get($url)->assertOk();
            self::assertSame('max-age=600, public', $first->headers->get('Cache-Control'), $path);
            self::assertSame('HX-Request', $first->headers->get('Vary'));
            self::assertSame([], $first->headers->getCookies(), "$path sets no cookie");
            $tag = (string) $first->headers->get('ETag');
            $this->swapCatalogue(self::failing('grid'));
            $again = $this->get($url, ['If-None-Match' => $tag])->assertStatus(304);
            self::assertSame('', $again->getContent());
            app()->forgetInstance(Catalogue::class);
            $this->get("$url&times=cross", ['If-None-Match' => $tag])->assertOk();
            $this->get($url, ['If-None-Match' => $tag, 'HX-Request' => 'true'])->assertOk();
        }
        $own = $this->get('/board?problem=' . rawurlencode('(x+1)(x+2)'))->assertOk();
        self::assertSame(
            'no-cache, private',
            $own->headers->get('Cache-Control'),
            'whose style comes from a cookie is nobody else\'s',
        );
        self::assertSame('HX-Request, Cookie', $own->headers->get('Vary'));
        self::assertNull($this->get('/board?problem=((&house=1')->headers->get('ETag'), 'a refusal is not kept');
        self::assertSame([], $this->get('/reading?problem=x')->headers->getCookies());
    }

    public function testRedirectsNameNoHostAndCookiesAreSecureOnHttps(): void
    {
        self::assertSame('/?problem=' . rawurlencode('((('), $this->post(
            '/examples',
            ['problem' => '((('],
        )->headers->get('Location'));
        self::assertSame('/?problem=', $this->post('/examples', ['problem' => ''])->headers->get('Location'));
        self::assertSame('/style', $this->post('/style', ['times' => 'cross'])->headers->get('Location'));
        self::assertFalse($this->post('/style', [])->getCookie('runel_style', false)?->isSecure());
        self::assertTrue($this->post('https://localhost/style', [])->getCookie('runel_style', false)?->isSecure());
    }

    public function testAssetsCarryTheirVersion(): void
    {
        $html = (string) $this->get('/')->getContent();
        preg_match_all('#(?:href|src)="/([\w./-]+\.(?:css|js|svg|woff2))\?v=(\w+)"#', $html, $assets, \PREG_SET_ORDER);
        self::assertGreaterThan(4, \count($assets));
        foreach ($assets as [, $path, $version]) {
            self::assertSame(substr((string) hash_file('xxh64', public_path($path)), 0, 10), $version, $path);
        }
        preg_match_all('#/(vendor/[\w-]+\.woff2)\?v=(\w+)#', (string) file_get_contents(
            public_path('runel.css'),
        ), $fonts, \PREG_SET_ORDER);
        self::assertCount(3, $fonts);
        foreach ($fonts as [, $path, $version]) {
            self::assertSame(substr((string) hash_file(
                'xxh64',
                public_path($path),
            ), 0, 10), $version, "$path: run bin/vendor-assets styles");
        }
    }

    private function followed(TestResponse $response): TestResponse
    {
        return $this->get((string) $response->headers->get('Location'));
    }

    private function logged(): int
    {
        clearstatcache();
        $log = storage_path('logs/runel.log');

        return is_file($log) ? (int) filesize($log) : 0;
    }

    private function swapCatalogue(Family $family): void
    {
        app()->instance(Catalogue::class, new Catalogue(new Families([$family]), app(Incidents::class)));
    }

    private static function reference(): TaskReference
    {
        return new TaskReference('(x+4)(x-4)', null, null, HouseStyle::default());
    }

    /** The ways to multiply, one of which fails. */
    private static function failing(string $id = 'columns'): Family
    {
        return self::family($id, static fn(): Demonstration => throw new \LogicException('a defect'));
    }

    /** The ways to multiply, one of which arrives at something else. */
    private static function unproved(): Family
    {
        return self::family('columns', static function (Task $task): Demonstration {
            $whole = (new MultiplyFamily())->methods()[0]->demonstrate($task);

            return new Demonstration(
                $task,
                'multiply',
                'columns',
                $whole->forecast,
                $whole->sections,
                new ExpressionAnswer(Numeral::of(7)),
                $whole->checks(...),
            );
        });
    }

    /** @param \Closure(Task): Demonstration $work */
    private static function family(string $id, \Closure $work): Family
    {
        $odd = new class ($id, $work) implements Method {
            public function __construct(private string $id, private \Closure $work) {}

            public function id(): string
            {
                return $this->id;
            }

            public function job(): string
            {
                return 'multiply';
            }

            public function refusal(Task $task): ?Refusal
            {
                return null;
            }

            public function demonstrate(Task $task): Demonstration
            {
                return ($this->work)($task);
            }
        };

        return new MultiplyingWith($odd);
    }
}
