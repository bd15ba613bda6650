<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\ProblemSetRecord;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\DataProvider;
use Runel\Job\Jobs;

/** Sets of problems over the web, at the command line, on paper and in files. */
final class SetsTest extends TestCase
{
    private const SET = ['pick' => ['linear.2-5.6', 'factor-monic.1-3.4'], 'seed' => '7'];

    /** @return iterable<string, array{string}> */
    public static function seeds(): iterable
    {
        yield 'seed 7' => ['7'];
        yield 'seed 303' => ['303'];
        yield 'seed 999999999' => ['999999999'];
    }

    /** Every skill's whole ladder from three seeds, held: the same on every machine, today and later. */
    #[DataProvider('seeds')]
    public function testTheSameSeedMakesWhatItMade(string $seed): void
    {
        $text = '';
        foreach (Jobs::ladders()->all as $ladder) {
            self::assertSame(0, Artisan::call('runel:make', [
                '--skill' => $ladder->skill(), '--count' => '6', '--seed' => $seed, '--format' => 'csv',
            ]));
            $text .= Artisan::output();
        }
        $file = \dirname(__DIR__) . "/Golden/sets-$seed.csv";
        if (getenv('RUNEL_GOLDEN') === 'refresh') {
            file_put_contents($file, $text);
        }
        self::assertSame((string) file_get_contents($file), $text);
    }

    public function testASetIsAllInItsAddress(): void
    {
        $first = (string) $this->get('/sets?' . http_build_query(self::SET))->assertOk()->getContent();
        self::assertSame(self::problems($first), self::problems(
            (string) $this->get('/sets?' . http_build_query(self::SET))->getContent(),
        ));
        self::assertCount(10, self::problems($first));
        $swapped = self::problems((string) $this->get('/sets?' . http_build_query(self::SET + [
            'again' => ['0-1' => '1'],
        ]))->getContent());
        self::assertCount(1, array_diff_assoc($swapped, self::problems($first)), 'one problem is another');
        $moved = self::problems((string) $this->get('/sets?' . http_build_query(self::SET + [
            'order' => '0-1,0-0', 'drop' => ['1-3'],
        ]))->getContent());
        self::assertSame(self::problems($first)[1], $moved[0]);
        self::assertCount(9, $moved);
        $other = self::problems((string) $this->get('/sets?' . http_build_query(self::SET + [
            'version' => 'b',
        ]))->getContent());
        self::assertCount(10, $other);
        self::assertNotSame(self::problems($first), $other);
    }

    public function testATutorsOwnProblemIsReadAndJudged(): void
    {
        $html = (string) $this->get('/sets?' . http_build_query([
            'own' => ['6x^2-x-2', '2x+(3', '<b>9</b>'],
        ]))->assertOk()->getContent();
        self::assertStringContainsString('rung 3', self::visible($html));
        self::assertStringContainsString('never closed', self::visible($html));
        self::assertStringNotContainsString('<b>9', $html);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refusals(): iterable
    {
        yield 'no such skill' => [['pick' => ['knitting.1.3']], 'There is no skill'];
        yield 'none' => [['skill' => 'linear', 'count' => '0'], 'cannot be made'];
        yield 'ten thousand' => [['skill' => 'linear', 'count' => '10000'], 'cannot be made'];
        yield 'too many together' => [['pick' => ['linear.1-3.40', 'formulas.1-3.40']], 'cannot be made'];
        yield 'an impossible wish' => [
            ['skill' => 'linear', 'rung' => '5', 'wish' => ['largest' => '1']],
            'What helps: allow larger numbers',
        ];
        yield 'an unknown wish' => [['skill' => 'linear', 'wish' => ['colour' => 'red']], 'What can be wished'];
    }

    /** @param array<string, mixed> $query */
    #[DataProvider('refusals')]
    public function testWhatCannotBeMadeIsSaidWhereItIsAsked(array $query, string $said): void
    {
        $this->get('/sets?' . http_build_query($query))->assertStatus(422)->assertSee($said);
        $answer = $this->get('/api/sets?' . http_build_query(['skill' => 'linear'] + $query));
        self::assertContains($answer->getStatusCode(), [200, 422]);
    }

    public function testTheContractIsTheSameFromBothSides(): void
    {
        $answer = $this->get('/api/sets?skill=factor-monic&rung=2-3&count=4&seed=11')->assertOk()->json();
        Artisan::call('runel:make', [
            '--skill' => 'factor-monic', '--rung' => '2-3', '--count' => '4', '--seed' => '11', '--format' => 'json',
        ]);
        self::assertSame($answer, json_decode(Artisan::output(), true));
        self::assertSame([1, 'factor-monic', 11, 4], [
            $answer['runel'],
            $answer['skill'],
            $answer['seed'],
            \count($answer['problems']),
        ]);
        self::assertSame(['minus'], $answer['problems'][0]['traits']);
        self::assertSame('bad-request', $this->get('/api/sets')->assertStatus(422)->json('error.code'));
        self::assertCount(24, $this->get('/api/sets?skills=1')->assertOk()->json('skills'));
        self::assertSame(2, Artisan::call('runel:make', ['--skill' => 'knitting']));
    }

    public function testFilesAreReadBack(): void
    {
        $address = http_build_query(self::SET);
        $csv = (string) $this->get("/sets/runel-set.csv?$address")->assertOk()->getContent();
        $json = (string) $this->get("/sets/runel-set.json?$address")->assertOk()->getContent();
        $problems = array_column(json_decode($json, true)['problems'], 'problem');
        foreach (['csv' => $csv, 'json' => $json, 'txt' => implode("\n", $problems)] as $extension => $text) {
            $back = $this->post('/sets/import', [
                'file' => UploadedFile::fake()->createWithContent("set.$extension", $text),
            ])->assertRedirect()->headers->get('Location');
            parse_str((string) parse_url((string) $back, \PHP_URL_QUERY), $query);
            self::assertSame($problems, $query['own'], $extension);
        }
        foreach (['tex', 'md', 'txt'] as $extension) {
            $text = (string) $this->get("/sets/runel-set.$extension?$address")->assertOk()->getContent();
            self::assertStringContainsString('Factor completely:', $text);
        }
    }

    public function testThePackageOfQuestionsIsWellFormed(): void
    {
        $bytes = (string) $this->get('/sets/runel-set.zip?' . http_build_query(self::SET))->assertOk()->getContent();
        $path = (string) tempnam(sys_get_temp_dir(), 'runel');
        file_put_contents($path, $bytes);
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($path));
        $manifest = new \DOMDocument();
        self::assertTrue($manifest->loadXML((string) $zip->getFromName('imsmanifest.xml')));
        $resources = $manifest->getElementsByTagName('resource');
        self::assertSame(10, $resources->length);
        foreach ($resources as $resource) {
            $item = new \DOMDocument();
            self::assertTrue($item->loadXML((string) $zip->getFromName($resource->getAttribute('href'))));
            $root = $item->documentElement;
            self::assertSame('http://www.imsglobal.org/xsd/imsqti_v2p2', $root->namespaceURI);
            self::assertSame($resource->getAttribute('identifier'), $root->getAttribute('identifier'));
            $right = $item->getElementsByTagName('value')->item(0)?->textContent;
            $forms = [];
            foreach ($item->getElementsByTagName('mapEntry') as $entry) {
                self::assertSame('1', $entry->getAttribute('mappedValue'));
                $forms[] = $entry->getAttribute('mapKey');
            }
            self::assertContains($right, $forms);
            self::assertGreaterThan(1, \count($forms));
            self::assertSame(1, $item->getElementsByTagName('textEntryInteraction')->length);
            self::assertSame(1, $item->getElementsByTagName('math')->length);
        }
        $zip->close();
        unlink($path);
    }

    public function testASetIsKeptPrintedAndRemoved(): void
    {
        $before = ProblemSetRecord::query()->count();
        self::assertSame(3, $before, 'the three of the evening study room');
        $this->post('/sets', ['set' => http_build_query(self::SET), 'name' => 'Tuesday <b>'])->assertRedirect();
        $record = ProblemSetRecord::query()->orderByDesc('id')->firstOrFail();
        $kept = (string) $this->get("/sets?kept=$record->id")->assertOk()->getContent();
        self::assertSame(
            self::problems((string) $this->get('/sets?' . http_build_query(self::SET))->getContent()),
            self::problems($kept),
        );
        self::assertStringNotContainsString('Tuesday <b>', $kept);
        foreach (['key=none', 'key=answers', 'key=worked', 'fade=1'] as $how) {
            $sheet = (string) $this->get("/sets/sheet?kept=$record->id&$how")->assertOk()->getContent();
            self::assertSame(10, substr_count($sheet, 'class="set-problem"'));
            self::assertSame($how === 'key=worked' || $how === 'fade=1', str_contains($sheet, 'print-step'));
        }
        $this->delete("/sets/$record->id")->assertRedirect();
        $this->get("/sets?kept=$record->id")->assertNotFound();
        $this->delete("/sets/$record->id")->assertRedirect();
        self::assertSame($before, ProblemSetRecord::query()->count());
    }

    public function testAPileAsksForASetAgainstItsSlip(): void
    {
        $answer = $this->get('/sets?against=minus-not-carried&job=solve')->assertRedirect();
        $back = (string) $answer->headers->get('Location');
        $html = (string) $this->get($back)->assertOk()->getContent();
        self::assertCount(8, self::problems($html));
        self::assertStringContainsString('a minus before parentheses', self::visible($html));
    }

    public function testForeignAndHostileImportsAreRefusedInWords(): void
    {
        $bomb = (string) gzencode(str_repeat('0', 5_000_000));
        $this->post('/sets/import', [
            'file' => UploadedFile::fake()->createWithContent('set.zip', "PK\x03\x04\0\0$bomb"),
        ])->assertStatus(422)->assertSee('This is not text');
        $this->post('/sets/import', ['text' => ''])->assertStatus(422)->assertSee('No problem has been found');
        $this->post('/sets/import', ['text' => str_repeat("x+1=2\n", 61)])->assertStatus(422)->assertSee('too many');
        $this->post('/sets/import', ['text' => '{"problems": 3}'])->assertStatus(422);
        $latin = UploadedFile::fake()->createWithContent('set.csv', "problem;Lösung\nx²+14x+48;x" . \chr(0xB2));
        $this->post('/sets/import', ['file' => $latin])->assertRedirect();
    }

    /** @return list<string> the problems on a page, as screen readers hear them */
    private static function problems(string $html): array
    {
        preg_match_all('/<p class="line">.*?aria-label="([^"]*)"/s', $html, $match);

        return $match[1];
    }

    /** A page with a slip in it: on the sheet with its key, in the open formats, and to be found by pointing. */
    public function testAPageWithASlipInItIsMadePrintedAndFound(): void
    {
        $wish = ['skill' => 'linear', 'rung' => '', 'count' => '2', 'seed' => '5']
            + ['wish' => ['slip' => 'first-term-only']];
        $html = (string) $this->get('/sets?' . http_build_query($wish))->assertOk()->getContent();
        preg_match('/class="to-spot" href="([^"]*)"/', (string) preg_replace('/\s+/', ' ', $html), $match);
        $spot = html_entity_decode($match[1] ?? '');
        parse_str((string) parse_url($spot, \PHP_URL_QUERY), $query);
        self::assertIsArray($query['page']);
        $sheet = self::visible((string) $this->get('/sets/sheet?' . http_build_query($wish + ['key' => 'answers']))
            ->getContent());
        self::assertStringContainsString('Find the line, mend it, and take it to the end.', $sheet);
        self::assertMatchesRegularExpression('/Line \d: first term only\. It comes to/', $sheet);
        $data = $this->getJson('/api/sets?' . http_build_query($wish))->assertOk()->json('problems.0');
        self::assertSame($query['page'], $data['page']['lines']);
        $at = $data['page']['at'];
        self::assertSame(1, $at);
        $this->get("$spot&pick=$at")->assertOk()->assertSee("Found: line $at does not follow.");
        $this->get("$spot&pick=" . ($at + 1))->assertSee('was carried along');
        $this->get($spot)->assertDontSee('Found')->assertSee('Which one?');
        $found = (string) $this->get("$spot&pick=$at")->getContent();
        preg_match('/id="spot-mend"\s+href="([^"]*)"/', $found, $match);
        $turn = $this->get(html_entity_decode($match[1] ?? ''))->assertOk();
        $turn->assertDontSee('further up');
    }
}
