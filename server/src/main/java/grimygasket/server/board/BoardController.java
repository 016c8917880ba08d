package grimygasket.server.board;

import grimygasket.server.accounts.SignedIn;
import grimygasket.server.board.Boards.Board;
import grimygasket.server.board.Planner.Proposal;
import java.time.LocalDate;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Everybody's day, and a proposal for it. What of that is taken comes as commands. */
@RestController
class BoardController {
    private final Boards boards;
    private final Planner planner;

    BoardController(Boards boards, Planner planner) {
        this.boards = boards;
        this.planner = planner;
    }

    @GetMapping("/api/board/{day}")
    Board board(@PathVariable LocalDate day, @AuthenticationPrincipal SignedIn me) {
        return boards.board(day, me);
    }

    @PostMapping("/api/board/{day}/plan")
    Proposal plan(@PathVariable LocalDate day) {
        return planner.plan(day);
    }
}
