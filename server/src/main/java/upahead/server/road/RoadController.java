package upahead.server.road;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The road along the top of every administrator's screen. */
@RestController
@RequestMapping("/api/road")
class RoadController {

    private final Road road;

    RoadController(Road road) {
        this.road = road;
    }

    @GetMapping
    RoadView road(@RequestParam(required = false) Long payGroupId) {
        return road.of(payGroupId);
    }
}
