<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use RuntimeException;

/** A headless Chromium of our own behind a ChromeDriver of our own, both ended when it is closed. */
final class Chromium
{
    /** @param  resource  $process */
    private function __construct(public readonly RemoteWebDriver $driver, private $process, private readonly string $profile) {}

    public static function open(int $width = 1280, int $height = 800): self
    {
        $port = Ports::free();
        $process = proc_open(
            ['chromedriver', "--port={$port}"],
            [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
            $pipes,
        );
        if ($process === false) {
            throw new RuntimeException('ChromeDriver does not start.');
        }
        Ports::wait($port);
        $profile = sys_get_temp_dir().'/nessmark-chromium-'.bin2hex(random_bytes(6));
        $options = (new ChromeOptions())->addArguments([
            '--headless',
            '--no-sandbox',
            '--disable-gpu',
            '--disable-quic',
            '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            "--user-data-dir={$profile}",
            "--window-size={$width},{$height}",
        ]);
        $capabilities = DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $options);
        $driver = PatientDriver::create("http://127.0.0.1:{$port}", $capabilities, 30_000, 60_000);
        $browser = new self($driver, $process, $profile);
        $browser->viewport($width, $height);

        return $browser;
    }

    /** Sets the size of the page itself, whatever the window's frame takes. */
    public function viewport(int $width, int $height): void
    {
        $this->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Emulation.setDeviceMetricsOverride',
            'params' => ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false],
        ]);
    }

    public function close(): void
    {
        $this->driver->quit();
        proc_terminate($this->process);
        proc_close($this->process);
        exec('rm -rf '.escapeshellarg($this->profile));
    }
}
