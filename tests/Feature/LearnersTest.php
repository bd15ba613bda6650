<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Kept\Archive;
use App\Learners\Handings;
use App\Learners\LearnerRecord;
use App\Models\Attempt;
use App\Models\Handing;
use App\Models\Learner;
use App\Models\LearnerGroup;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Runel\Job\Jobs;
use Runel\Message\BadRequest;
use Runel\Practice\Standing;
use Runel\Style\HouseStyle;
use Sabre\VObject\Reader;

/** Learners, their work, what comes back and when; everything out and in again, and gone when the tutor says so. */
final class LearnersTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testWorkTheTutorTypesIsMarkedKeptAndComesBack(): void
    {
        $learner = $this->learner('Wren');
        $this->post("/learners/$learner->id/lines", [
            'problem' => '7-2(t-3)=1',
            'lines' => "7-2t-6=1\n1-2t=1\n-2t=0\nt=0",
        ])->assertRedirect();
        $attempt = $learner->attempts()->sole();
        self::assertSame(['minus-not-carried'], array_unique($attempt->slipIds()));
        self::assertSame(['linear', 5], [$attempt->skill, $attempt->rung], 'a minus before parentheses');
        $page = self::visible((string) $this->get("/learners/$learner->id")->assertOk()->getContent());
        self::assertStringContainsString('minus not carried', $page);
        self::assertStringContainsString('Nothing is due today', $page);
        $this->travel(1)->days();
        $page = self::visible((string) $this->get("/learners/$learner->id")->getContent());
        self::assertStringContainsString('There was a slip a day ago; due today.', $page);
        $this->travel(4)->days();
        $page = self::visible((string) $this->get("/learners/$learner->id")->getContent());
        self::assertStringContainsString('There was a slip 5 days ago; due for 4 days.', $page);
        $this->post("/learners/$learner->id/lines", ['problem' => '2x+(', 'lines' => 'x=1'])->assertStatus(422)
            ->assertSee('2x+(');
        $this->post("/learners/$learner->id/lines", ['problem' => '2x=4', 'lines' => ''])->assertStatus(422);
    }

    public function testTheTutorMovesDropsAndBringsBack(): void
    {
        [$learner, $key] = $this->due();
        $move = fn(array $word) => $this->post("/learners/$learner->id/returns", ['rung' => $key] + $word);
        $keys = static fn(): array => array_map(
            static fn($back): string => $back->key(),
            LearnerRecord::of($learner->refresh(), Carbon::now())->due(),
        );
        self::assertContains($key, $keys());
        $move(['due' => '2001-01-01'])->assertStatus(422)->assertSee('is not a day to come');
        $move(['due' => 'soon'])->assertStatus(422);
        $move(['due' => Carbon::today()->addDays(9)->toDateString()])->assertRedirect();
        self::assertNotContains($key, $keys());
        $this->travel(9)->days();
        self::assertContains($key, $keys());
        $move(['drop' => '1'])->assertRedirect();
        $this->travel(400)->days();
        self::assertNotContains($key, $keys());
        $move(['due' => Carbon::today()->addDay()->toDateString()]);
        $this->travel(1)->days();
        self::assertContains($key, $keys());
        $this->post("/learners/$learner->id/returns", ['rung' => 'linear.99', 'drop' => '1'])->assertNotFound();
    }

    public function testWhatIsDueGoesOnPaperIntoLinksAndIntoACalendar(): void
    {
        [$learner] = $this->due();
        $record = LearnerRecord::of($learner, Carbon::now());
        $html = (string) $this->get("/learners/$learner->id")->getContent();
        preg_match('/id="practice-set"\s+href="([^"]*)"/', $html, $match);
        $set = self::visible((string) $this->get(html_entity_decode($match[1] ?? ''))->assertOk()->getContent());
        foreach ($record->due() as $back) {
            self::assertStringContainsString((string) __("practice.skill.{$back->skill}"), $set);
        }
        $this->post('/handing', ['learners' => [$learner->id], 'days' => '3'])->assertOk()->assertSee('/handed/');
        $handing = $learner->handings()->firstOrFail();
        self::assertCount(\count($record->due()), $handing->references());
        $calendar = Reader::read((string) $this->get("/learners/$learner->id/runel-learner.ics")->getContent());
        self::assertCount(\count($record->due()) + \count($record->later()), $calendar->select('VEVENT'));
        self::assertSame([], $calendar->validate());
    }

    public function testWorkUnderALinkIsWrittenDownLineByLine(): void
    {
        $learner = $this->learner('Wren');
        $problems = "4(x-3)-2(x-5)=12\nx^2+5x+6";
        $this->post('/handing', ['learners' => [$learner->id], 'problems' => $problems, 'days' => '1']);
        auth()->logout();
        $handing = $learner->handings()->sole();
        $address = app(Handings::class)->address($handing);
        $task = "$address&task=1";
        $page = $this->get($task)->assertOk();
        self::assertTrue($page->headers->hasCacheControlDirective('no-store'), 'who comes after sees nothing of it');
        $opened = (string) $page->getContent();
        self::assertSame(0, $learner->attempts()->count(), 'looking writes nothing');
        preg_match('/name="opened"\s+value="(\d+)"/', $opened, $match);
        $this->travel(90)->seconds();
        $sent = fn(string $do, string $line, int $seen): TestResponse => $this->post($task, [
            'do' => $do, 'next' => $line, 'seen' => (string) $seen, 'opened' => $match[1] ?? '',
        ])->assertRedirect();
        $sent('write', '4x-12-2x-10=12', 0);
        self::assertSame(['minus-not-carried'], $learner->attempts()->sole()->slipIds());
        $this->get($task)->assertOk()->assertSee('carried');
        $sent('mend', '4x-12-2x+10=12', 1);
        $sent('help', '2x', 1);
        $sent('help', '', 1);
        $this->get("$task&draft=2x")->assertSee('value="2x"', false);
        $sent('write', 'x=7', 1);
        $attempt = $learner->attempts()->sole();
        self::assertSame(
            [['4x-12-2x+10=12', 'x=7'], ['minus-not-carried'], 2, true, 90],
            [$attempt->typed(), $attempt->slipIds(), $attempt->help, $attempt->finished, $attempt->seconds],
            'what was mended stays counted',
        );
        self::assertSame(['4x-12-2x-10=12'], array_column($attempt->past(), 'line'), 'and stays written');
        $sent('write', 'x=8', 2);
        $sent('undo', '', 2);
        self::assertSame(['4x-12-2x+10=12', 'x=7'], $learner->attempts()->sole()->typed(), 'what is done is closed');
        $this->get($address)->assertOk()->assertSee('✓ done');
        $this->signIn();
        $this->delete("/handing/$handing->id")->assertRedirect();
        $this->get($address)->assertNotFound();
        self::assertSame(1, $learner->attempts()->count(), 'the work stays when the link goes');
    }

    /** Six letters lead to what was handed out; it may open later, be a test, and be another problem for each. */
    public function testWhatIsHandedOutIsLookedAtReachedByLettersAndWorked(): void
    {
        $this->signIn();
        $group = LearnerGroup::query()->create(['name' => 'Upper room']);
        foreach (['Tove', 'Wren'] as $name) {
            $group->learners()->attach(Learner::query()->create([
                'name' => "$name of the yard", 'style' => HouseStyle::default(),
            ]));
        }
        $form = ['learners' => [$group->id], 'problems' => "x^2+7x+12\n3(x+4)=27", 'days' => '3', 'each' => '1'];
        $before = Handing::query()->count();
        $this->post('/handing', ['problems' => 'hello world'] + $form)->assertStatus(422);
        $look = self::visible((string) $this->post('/handing', ['do' => 'look'] + $form)->assertOk()->getContent());
        self::assertStringContainsString('Make 2 pages', $look);
        self::assertSame($before, Handing::query()->count(), 'looking makes nothing');
        $this->post('/handing', ['do' => 'hand'] + $form)->assertOk()->assertSee('/h/');
        [$one, $other] = Handing::query()->latest('id')->limit(2)->get()->all();
        self::assertNotSame($one->references()[1]->problem, $other->references()[1]->problem);
        self::assertSame($one->references()[1]->job, $other->references()[1]->job);
        $letters = strtolower((string) $one->code);
        $away = (string) $this->get("/h/$letters")->assertRedirect()->headers->get('Location');
        $this->get($away)->assertOk();
        $this->get("$away&task=1")->assertSee('1 of 2')->assertSee('Next problem')->assertSee('pen-hint');
        $this->get('/handing/open')->assertSee('nothing written yet')->assertSee((string) $one->code);
        $this->post("$away&task=2", ['do' => 'write', 'next' => '3x+12=27', 'opened' => '0', 'seen' => '0']);
        $this->get('/handing/open')->assertSee('0 of 2 done, on problem 2');
        $this->post('/handing', ['test' => '1', 'opens' => now()->addDay()->format('Y-m-d\TH:i')] + $form);
        $test = Handing::query()->latest('id')->firstOrFail();
        $early = (string) $this->get("/h/$test->code")->headers->get('Location');
        $this->get($early)->assertSee('This opens on')->assertDontSee('task=1');
        $this->post("$early&task=1", ['do' => 'write', 'next' => 'x=1'])->assertNotFound();
        $this->travel(25)->hours();
        $this->get("$early&task=1")->assertOk()->assertDontSee('pen-hint');
        $this->post("$early&task=1", ['do' => 'help', 'opened' => '0']);
        self::assertSame(0, Attempt::query()->where('handing_id', $test->id)->where('helping', '>', 0)->count());
        $this->travel(10)->days();
        $this->get("/h/$test->code")->assertNotFound()->assertSee('its time is over');
    }

    /** A page with a slip is handed out: found by looking, begun by saying so, mended and taken to the end. */
    public function testAPageWithASlipIsHandedOut(): void
    {
        $learner = $this->learner('Fern');
        $hand = ['problems' => '7-2(t-3)=1', 'as' => 'page', 'learners' => [$learner->id], 'days' => '3'];
        $this->post('/handing', $hand + ['slip' => 'plus-minus-forgotten'])->assertStatus(422)
            ->assertSee('No page of work that somebody could have written comes of that slip on “7-2(t-3)=1”');
        $this->post('/handing', $hand + ['slip' => 'minus-not-carried'])->assertOk();
        $handing = $learner->handings()->sole();
        $page = $handing->references()[1]->page;
        self::assertSame('-2t+1 = 1', $page[0]);
        $address = app(Handings::class)->address($handing) . '&task=1';
        auth()->logout();
        $this->get(app(Handings::class)->address($handing))->assertOk()->assertSee('Find the slip');
        $this->get($address)->assertOk()->assertSee('Which one?')->assertDontSee('carried');
        $this->get("$address&pick=2")->assertSee('what is wrong there was carried along');
        $this->post($address, ['do' => 'found', 'pick' => '2'])->assertRedirect();
        self::assertSame(0, $handing->attempts()->count(), 'looking and pointing in vain write nothing');
        $this->get("$address&pick=1")->assertSee('Found: line 1 does not follow.');
        $this->post($address, ['do' => 'found', 'pick' => '1'])->assertRedirect();
        $this->get($address)->assertOk()->assertDontSee('Which one?');
        foreach (['7-2t+6=1', '-2t=-12', 't=6'] as $seen => $line) {
            $this->post($address, ['next' => $line, 'seen' => $seen])->assertRedirect();
        }
        $attempt = $handing->attempts()->sole();
        self::assertSame([true, $page, 'sound'], [$attempt->finished, $attempt->task->page, $attempt->outcome]);
        $this->signIn();
        $this->get("/learners/$learner->id")->assertSee('Handed out as a page with a slip');
    }

    public function testAPileIsKeptOnlyWhereTheTutorSaysWhose(): void
    {
        $learner = $this->learner('Wren');
        $pile = "# wren\nProblem: 2x+3=7\n2x=4\nx=2\n\n# Somebody\nProblem: 2x+3=9\n2x=6\nx=3\n\n"
            . "# Other\nProblem: x+1=2\nx=1";
        $ask = (string) $this->post('/learners/pile', ['text' => $pile])->assertOk()->getContent();
        self::assertSame(0, $learner->attempts()->count());
        self::assertStringContainsString("value=\"$learner->id\" selected", (string) preg_replace(
            '/\s+selected/',
            ' selected',
            $ask,
        ));
        $whose = [$learner->id, 'new', ''];
        $this->post('/learners/pile/keep', ['text' => $pile, 'whose' => $whose, 'remark' => ['good']])
            ->assertRedirect('/learners');
        $this->post('/learners/pile/keep', ['text' => $pile, 'whose' => $whose, 'remark' => ['good']]);
        self::assertSame('good', $learner->attempts()->sole()->remark, 'sent twice, kept once');
        self::assertSame(1, Learner::query()->where('name', 'Somebody')->sole()->attempts()->count());
        self::assertSame(0, Learner::query()->where('name', 'Other')->count());
    }

    public function testAGroupSaysWhatToTeachNext(): void
    {
        $group = LearnerGroup::query()->firstOrFail();
        $html = (string) $this->get("/groups/$group->id")->assertOk()->getContent();
        preg_match('/id="teach"\s+href="([^"]*)"/', $html, $match);
        parse_str((string) parse_url(html_entity_decode($match[1] ?? ''), \PHP_URL_QUERY), $query);
        $skill = (string) $query['skill'];
        $rung = Jobs::ladders()->of($skill)->rungs()[(int) $query['rung'] - 1];
        $wobbling = $group->learners->filter(static fn(Learner $learner): bool =>
            LearnerRecord::of($learner, Carbon::now())->standing($skill, $rung) === Standing::Wobbles);
        self::assertGreaterThan(1, $wobbling->count());
        foreach ($wobbling as $learner) {
            self::assertStringContainsString($learner->name, self::visible($html));
        }
        $this->get(html_entity_decode($match[1] ?? ''))->assertOk()->assertSee('Keep and change it');
    }

    /** Right work that an older version called wrong is put right, told of until it is seen; the tutor's word stays. */
    public function testAnUpdateJudgesKeptWorkAnewAndTellsOfIt(): void
    {
        $learner = $this->learner('Teal');
        foreach (["x-4=±3\nx=7 or x=1", "x-4=3\nx=7"] as $lines) {
            $this->post("/learners/$learner->id/lines", ['problem' => '(x-4)^2=9', 'lines' => $lines]);
        }
        Artisan::call('runel:judge');
        self::assertSame(0, Artisan::call('runel:judge', ['--if-any' => true]));
        self::assertSame('', trim(Artisan::output()), 'this version has judged it all');
        [$ruled, $right] = $learner->attempts()->orderBy('lines')->get()->all();
        $this->put("/learners/$learner->id/attempts/$ruled->id", ['mark' => '2/2', 'remark' => 'a length']);
        $old = ['verdicts' => '["wrong","wrong"]', 'slips' => '["copying"]', 'finished' => false];
        $said = ['version' => 'older', 'wants' => 'wrong-line', 'lines' => [['slip' => 'copying']]];
        DB::table('attempts')->where('learner_id', $learner->id)->update($old + ['judged' => json_encode($said)]);
        $stamp = DB::table('attempts')->where('id', $right->id)->value('updated_at');
        $this->travel(1)->days();
        self::assertSame(0, Artisan::call('runel:judge', ['--if-any' => true]));
        self::assertStringContainsString('2 pieces of kept work were judged anew', Artisan::output());
        [$right, $ruled] = [$right->refresh(), $ruled->refresh()];
        self::assertSame([['follows', 'follows'], [], 'sound'], [
            $right->verdictIds(), $right->slipIds(), $right->outcome,
        ]);
        self::assertSame(['2/2', 'a length', 'sound'], [$ruled->mark, $ruled->remark, $ruled->outcome]);
        self::assertSame($stamp, DB::table('attempts')->where('id', $right->id)->value('updated_at'));
        $this->get('/learners')->assertSee("/learners/$learner->id#work-$right->id", false)->assertSee('(x-4)^2=9');
        $this->get("/learners/$learner->id")->assertSee('Judged otherwise since the update of');
        $this->post('/learners/seen')->assertRedirect('/learners');
        $this->get('/learners')->assertDontSee("#work-$right->id", false);
        self::assertSame(0, Artisan::call('runel:judge'));
        self::assertStringContainsString('No kept work was judged anew', Artisan::output());
    }

    public function testTwoWindowsOnOneLearner(): void
    {
        $learner = $this->learner('Wren');
        $change = ['version' => (string) $learner->version, 'daily' => '3', 'note' => 'first'];
        $this->put("/learners/$learner->id", ['name' => 'Wren A'] + $change)->assertRedirect();
        $this->put("/learners/$learner->id", ['name' => 'Wren B', 'note' => 'second'] + $change)->assertStatus(409)
            ->assertSee('Wren B')->assertSee('second');
        self::assertSame('Wren A', $learner->refresh()->name);
        $this->post('/learners', ['name' => 'wren  a'])->assertStatus(422)->assertSee('already');
        $this->post('/learners', ['name' => str_repeat('n', 400)])->assertStatus(422)->assertSee('at most 80 signs');
        $this->post('/learners', ['name' => '<script>x</script>'])->assertRedirect();
        $this->get('/learners')->assertDontSee('<script>x', false);
    }

    public function testOutWipedAndInAgainGivesTheSamePages(): void
    {
        $learner = Learner::query()->firstOrFail();
        $group = LearnerGroup::query()->firstOrFail();
        $pages = ['/learners', "/learners/$learner->id", '/lessons', "/groups/$group->id"];
        $see = fn(): array => array_map(fn(string $page): string => self::visible((string) $this->get($page)->assertOk()
            ->getContent()), $pages);
        $before = $see();
        $file = (string) tempnam(sys_get_temp_dir(), 'runel');
        self::assertSame(0, Artisan::call('runel:export', ['file' => $file]));
        $counts = [];
        foreach (['attempts', 'learners', 'learner_groups', 'lessons', 'examples', 'problem_sets'] as $table) {
            $counts[$table] = DB::table($table)->count();
            DB::table($table)->delete();
        }
        self::assertSame(0, Artisan::call('runel:import', ['file' => $file]));
        self::assertSame($before, $see());
        self::assertSame(0, Artisan::call('runel:import', ['file' => $file]), 'twice');
        self::assertStringContainsString('0 came in', Artisan::output());
        foreach ($counts as $table => $count) {
            self::assertSame($count, DB::table($table)->count(), "$table without doubles");
        }
        $zip = new \ZipArchive();
        $zip->open($file);
        self::assertStringContainsString($learner->name, (string) $zip->getFromName('learners.csv'));
        self::assertStringNotContainsString('passphrase', implode('', array_map(
            static fn(int $place): string => (string) $zip->getFromIndex($place),
            range(0, $zip->numFiles - 1),
        )));
        $zip->addFromString('runel.json', (string) json_encode(['runel' => 99]));
        $zip->close();
        self::assertSame(2, Artisan::call('runel:import', ['file' => $file]));
        $zip->open($file);
        $zip->addFromString('runel.json', (string) json_encode(['runel' => 1]));
        $zip->addFromString('attempts.jsonl', '{"id":"x","learner_id":"nobody"}' . "\n");
        $zip->addFromString('learners.jsonl', '{"id":"01kaaaaaaaaaaaaaaaaaaaaaaa","name":"New","style":"{}"}' . "\n");
        $zip->close();
        try {
            app(Archive::class)->read($file);
            self::fail('damaged');
        } catch (BadRequest $refused) {
            self::assertSame('kept.broken', $refused->reason->key);
        }
        self::assertSame(0, Learner::query()->where('name', 'New')->count(), 'nothing of a damaged file comes in');
        unlink($file);
        self::assertSame(2, Artisan::call('runel:import', ['file' => '/nowhere.zip']));
    }

    public function testWhoHasNotComeForLongIsAskedAbout(): void
    {
        $this->get('/learners')->assertDontSee('still wanted');
        $this->travel(13)->months();
        $this->get('/learners')->assertSee('No work for over 12 months');
        $this->post('/tutor/settings', ['keep_months' => '24']);
        $this->get('/learners')->assertDontSee('still wanted');
        $this->post('/tutor/settings', ['keep_months' => 'x'])->assertSessionHas('notice');
    }

    private function learner(string $name): Learner
    {
        $location = (string) $this->post('/learners', ['name' => $name])->headers->get('Location');

        return Learner::query()->findOrFail(basename($location));
    }

    /** @return array{Learner, string} somebody for whom something is due, and what */
    private function due(): array
    {
        foreach (Learner::query()->get() as $learner) {
            $due = LearnerRecord::of($learner, Carbon::now())->due();
            if ($due !== []) {
                return [$learner, $due[0]->key()];
            }
        }
        self::fail('the demo data has somebody with something due; of ' . Attempt::query()->count());
    }
}
